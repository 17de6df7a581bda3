//! Frames: what a kind of work needs of a prompt.

use crate::component::Component;

include!(concat!(env!("OUT_DIR"), "/frames.rs"));

/// How much a component matters for a kind of work.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Importance {
    /// Good to have; its absence is not remarked on.
    Optional,
    /// Usually pays for its tokens.
    Recommended,
    /// The work cannot be done well without it.
    Required,
}

impl Importance {
    /// The name for people and machines.
    pub fn id(self) -> &'static str {
        match self {
            Importance::Optional => "optional",
            Importance::Recommended => "recommended",
            Importance::Required => "required",
        }
    }

    /// Its share in the coverage: 3, 2, 1.
    pub fn weight(self) -> u32 {
        match self {
            Importance::Optional => 1,
            Importance::Recommended => 2,
            Importance::Required => 3,
        }
    }
}

/// What a frame asks of one component.
#[derive(Clone, Copy, Debug)]
pub struct Need {
    /// The component.
    pub component: Component,
    /// How much it matters.
    pub importance: Importance,
    /// What to ask the author when it is absent.
    pub ask: &'static str,
    /// What a good answer looks like.
    pub like: &'static str,
    /// Why it matters.
    pub why: &'static str,
}

/// Which components a kind of work needs, in the order of a restructured prompt.
#[derive(Clone, Copy, Debug)]
pub struct Frame {
    /// Its name.
    pub name: &'static str,
    /// What it serves.
    pub about: &'static str,
    /// Its needs, in order.
    pub needs: &'static [Need],
}

impl Frame {
    /// The frame for any kind of work.
    pub fn general() -> &'static Frame {
        &FRAMES[0]
    }

    /// What the frame asks of a component.
    pub fn need(&self, component: Component) -> Option<&Need> {
        self.needs.iter().find(|need| need.component == component)
    }

    /// How much of what the frame asks for is present, 0 to 100: each component counts its weight,
    /// and an optional one that is absent counts nothing.
    pub fn coverage(&self, present: impl Fn(Component) -> bool) -> u32 {
        let (mut have, mut want) = (0, 0);
        for need in self.needs {
            let weight = need.importance.weight();
            if present(need.component) {
                have += weight;
                want += weight;
            } else if need.importance > Importance::Optional {
                want += weight;
            }
        }
        (have * 100).checked_div(want).unwrap_or(100)
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn coverage_weighs_what_matters() {
        let frame = Frame::general();
        assert_eq!(frame.coverage(|_| true), 100);
        assert_eq!(frame.coverage(|_| false), 0);
        let only_task = frame.coverage(|component| component == Component::Task);
        let only_context = frame.coverage(|component| component == Component::Context);
        assert!(only_task > only_context);
    }

    #[test]
    fn every_frame_names_every_component_once() {
        for frame in FRAMES {
            let mut seen: Vec<Component> = frame.needs.iter().map(|need| need.component).collect();
            seen.sort();
            assert_eq!(seen, Component::ALL, "{}", frame.name);
        }
    }
}
