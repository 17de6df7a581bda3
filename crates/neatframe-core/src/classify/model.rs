//! The trained weights: what each feature says about each component.
//!
//! Two linear stages (multinomial logistic regression). The first looks at a unit alone, the second at the first one's
//! opinion of the unit, of its neighbours, its section and its list. `crates/neatframe-train` makes the weights.

// A weight may happen to lie near pi.
#![allow(clippy::approx_constant)]

use super::features::Features;
use crate::component::Component;

/// Number of components.
pub(crate) const NAMES: usize = Component::ALL.len();

/// A score or a probability for each component, in the order of [`Component::ALL`].
pub(crate) type Scores = [f32; NAMES];

/// What the second stage sees: the first one's opinion of these.
pub(crate) const VIEWS: [&str; 7] = [
    "itself",
    "the unit before",
    "the unit after",
    "its section",
    "its list or paragraph",
    "its lead-in",
    "the opening of its line",
];

/// The weights of both stages.
pub(crate) struct Model<'a> {
    /// Open addressing by feature key; key 0 marks a free place.
    pub(crate) keys: &'a [u32],
    pub(crate) weights: &'a [Scores],
    /// For each view and component seen: weights for each component.
    pub(crate) second: &'a [[Scores; NAMES]; VIEWS.len()],
    pub(crate) bias: &'a Scores,
}

include!(concat!(env!("OUT_DIR"), "/weights.rs"));

/// The weights compiled in.
pub(crate) static BUILT_IN: Model<'static> =
    Model { keys: KEYS, weights: WEIGHTS, second: &SECOND, bias: &BIAS };

impl Model<'_> {
    /// The weights of a feature, if it has any.
    pub(crate) fn weights(&self, feature: u32) -> Option<&Scores> {
        let mask = self.keys.len() - 1;
        let mut slot = feature as usize & mask;
        loop {
            match self.keys[slot] {
                0 => return None,
                key if key == feature => return Some(&self.weights[slot]),
                _ => slot = (slot + 1) & mask,
            }
        }
    }

    /// The first stage: probabilities from a unit's own features.
    pub(crate) fn first(&self, features: &Features) -> Scores {
        let mut scores = [0.0; NAMES];
        for &(feature, value) in features {
            if let Some(weights) = self.weights(feature) {
                add(&mut scores, weights, value);
            }
        }
        softmax(scores)
    }

    /// The second stage: probabilities from the first one's opinions.
    pub(crate) fn second(&self, views: &[Scores; VIEWS.len()]) -> Scores {
        let mut scores = *self.bias;
        for (view, weights) in views.iter().zip(self.second) {
            for (opinion, weights) in view.iter().zip(weights) {
                add(&mut scores, weights, *opinion);
            }
        }
        softmax(scores)
    }
}

/// Adds a share of some scores to a total.
pub(crate) fn add(total: &mut Scores, other: &Scores, share: f32) {
    for (total, other) in total.iter_mut().zip(other) {
        *total += share * other;
    }
}

/// Scores to probabilities.
pub(crate) fn softmax(scores: Scores) -> Scores {
    let most = scores.iter().copied().fold(f32::MIN, f32::max);
    let raised = scores.map(|score| (score - most).exp());
    let sum: f32 = raised.iter().sum();
    raised.map(|value| value / sum)
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn probabilities_add_up() {
        let shares = softmax([1.0, 2.0, 3.0, -50.0, 0.0, 80.0]);
        assert!((shares.iter().sum::<f32>() - 1.0).abs() < 1e-5);
        assert!(shares[5] > 0.99);
    }

    #[test]
    fn features_are_found() {
        let known = KEYS.iter().position(|&key| key != 0).unwrap();
        assert!(BUILT_IN.weights(KEYS[known]).is_some());
        assert!(BUILT_IN.weights(0xdead_beef).is_none());
    }
}
