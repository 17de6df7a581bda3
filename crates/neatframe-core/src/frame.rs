//! Frames: what a kind of work needs of a prompt.

use crate::component::{Component, Facet};
use std::borrow::Cow;
use std::sync::OnceLock;
use thiserror::Error;

include!(concat!(env!("OUT_DIR"), "/frames.rs"));

/// How much a part matters for a kind of work.
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

/// What a frame can ask for.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord)]
pub enum Part {
    /// A component.
    Component(Component),
    /// A finer facet of one.
    Facet(Facet),
}

impl Part {
    /// Finds a part by its name in frame files, such as `output_format` or `fallback`.
    pub fn named(name: &str) -> Option<Part> {
        let component = Component::ALL.into_iter().find(|component| component.id() == name);
        component.map(Part::Component).or_else(|| Facet::named(name).map(Part::Facet))
    }

    /// The name for people.
    pub fn name(self) -> &'static str {
        match self {
            Part::Component(component) => component.name(),
            Part::Facet(facet) => facet.name(),
        }
    }
}

/// What a frame asks of one part.
#[derive(Clone, Debug, PartialEq)]
pub struct Need {
    /// The part.
    pub part: Part,
    /// How much it matters.
    pub importance: Importance,
    /// What to ask the author when it is absent.
    pub ask: Cow<'static, str>,
    /// What a good answer looks like.
    pub like: Cow<'static, str>,
    /// Why it matters.
    pub why: &'static str,
    /// A safe line for it, which a restructured prompt offers where it is absent.
    pub offer: Option<Cow<'static, str>>,
}

/// Which parts a kind of work needs, components in the order of a restructured prompt, then facets.
#[derive(Clone, Debug, PartialEq)]
pub struct Frame {
    /// Its name.
    pub name: Cow<'static, str>,
    /// What it serves, for people.
    pub about: Cow<'static, str>,
    /// The kinds of work that it is for.
    pub serves: Vec<Cow<'static, str>>,
    /// Its needs.
    pub needs: Vec<Need>,
}

/// A frame as it is written in a file.
#[derive(Clone, Copy, Debug, Default)]
pub struct Draft<'a> {
    /// Its name.
    pub name: &'a str,
    /// What it serves, for people.
    pub about: &'a str,
    /// The kinds of work that it is for.
    pub serves: &'a [&'a str],
    /// The components in the order of a restructured prompt.
    pub order: &'a [&'a str],
    /// Names of parts without which the work cannot be done well.
    pub required: &'a [&'a str],
    /// Names of parts that usually pay for their tokens.
    pub recommended: &'a [&'a str],
    /// Names of parts that are good to have.
    pub optional: &'a [&'a str],
    /// Questions in the frame's own words, by part.
    pub ask: &'a [(&'a str, &'a str)],
    /// What good answers to them look like, by part.
    pub like: &'a [(&'a str, &'a str)],
    /// Lines that nearly every prompt of this kind needs, by part; a restructured prompt offers them where the part is absent.
    pub offer: &'a [(&'a str, &'a str)],
}

/// A part with its usual question.
pub(crate) struct Known {
    name: &'static str,
    ask: &'static str,
    like: &'static str,
    why: &'static str,
}

/// What is wrong with a frame's draft.
#[derive(Clone, Debug, PartialEq, Eq, Error)]
#[non_exhaustive]
pub enum FrameError {
    /// A name that is neither a component nor a facet that can be asked for.
    #[error("frame `{frame}`: `{part}` is no part; parts are {}", known_parts())]
    UnknownPart {
        /// The frame.
        frame: String,
        /// The name as written.
        part: String,
    },
    /// A component that is given no importance, or two.
    #[error("frame `{frame}`: `{part}` must stand in exactly one of required, recommended and optional")]
    Unplaced {
        /// The frame.
        frame: String,
        /// The component.
        part: String,
    },
    /// The order does not name each component once.
    #[error("frame `{frame}`: order must name each of the six components once")]
    Order {
        /// The frame.
        frame: String,
    },
}

fn known_parts() -> String {
    PARTS.iter().map(|part| part.name).collect::<Vec<_>>().join(", ")
}

impl Frame {
    /// Makes a frame from its draft.
    ///
    /// # Errors
    /// [`FrameError`] when the draft names an unknown part, leaves a component out, or has it twice.
    pub fn from_draft(draft: &Draft<'_>) -> Result<Frame, FrameError> {
        let frame = || draft.name.to_string();
        let mut order: Vec<&str> = draft.order.to_vec();
        order.sort_unstable();
        let mut all = Component::ALL.map(Component::id);
        all.sort_unstable();
        if order != all {
            return Err(FrameError::Order { frame: frame() });
        }
        let placed = [
            (Importance::Required, draft.required),
            (Importance::Recommended, draft.recommended),
            (Importance::Optional, draft.optional),
        ];
        let mut facets: Vec<&str> = Vec::new();
        for name in placed.iter().flat_map(|(_, names)| names.iter()) {
            match Part::named(name).filter(|_| PARTS.iter().any(|known| known.name == *name)) {
                None => return Err(FrameError::UnknownPart { frame: frame(), part: name.to_string() }),
                Some(Part::Facet(_)) => facets.push(name),
                Some(Part::Component(_)) => {}
            }
        }
        let mut needs = Vec::new();
        for name in draft.order.iter().chain(&facets) {
            let mut places = placed.iter().filter(|(_, names)| names.contains(name));
            let (Some((importance, _)), None) = (places.next(), places.next()) else {
                return Err(FrameError::Unplaced { frame: frame(), part: name.to_string() });
            };
            needs.extend(need(name, *importance, draft));
        }
        Ok(Frame {
            name: Cow::Owned(draft.name.into()),
            about: Cow::Owned(draft.about.into()),
            serves: draft.serves.iter().map(|kind| Cow::Owned(kind.to_string())).collect(),
            needs,
        })
    }

    /// The frames that come with the program, the one for any kind of work first.
    pub fn built_in() -> &'static [Frame] {
        static BUILT_IN: OnceLock<Vec<Frame>> = OnceLock::new();
        // A test makes every draft, so none is lost here.
        BUILT_IN.get_or_init(|| FRAMES.iter().filter_map(|draft| Frame::from_draft(draft).ok()).collect())
    }

    /// The frame for any kind of work.
    pub fn general() -> &'static Frame {
        &Frame::built_in()[0]
    }

    /// The needs that are components, in order.
    pub fn components(&self) -> impl Iterator<Item = (Component, &Need)> {
        self.needs.iter().filter_map(|need| match need.part {
            Part::Component(component) => Some((component, need)),
            Part::Facet(_) => None,
        })
    }

    /// How much of what the frame asks for is present, 0 to 100: each part counts its weight,
    /// and an optional one that is absent counts nothing.
    pub fn coverage(&self, present: impl Fn(Part) -> bool) -> u32 {
        let (mut have, mut want) = (0, 0);
        for need in &self.needs {
            let weight = need.importance.weight();
            if present(need.part) {
                have += weight;
                want += weight;
            } else if need.importance > Importance::Optional {
                want += weight;
            }
        }
        (have * 100u32).checked_div(want).unwrap_or(100)
    }
}

fn need(name: &str, importance: Importance, draft: &Draft<'_>) -> Option<Need> {
    let known = PARTS.iter().find(|known| known.name == name)?;
    let own = |table: &[(&str, &str)]| {
        table.iter().find(|(part, _)| *part == name).map(|(_, words)| Cow::Owned(words.to_string()))
    };
    Some(Need {
        part: Part::named(name)?,
        importance,
        ask: own(draft.ask).unwrap_or(Cow::Borrowed(known.ask)),
        like: own(draft.like).unwrap_or(Cow::Borrowed(known.like)),
        why: known.why,
        offer: own(draft.offer),
    })
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn every_draft_makes_a_frame() {
        for draft in FRAMES {
            assert_eq!(Frame::from_draft(draft).err(), None);
        }
        assert_eq!(Frame::built_in().len(), FRAMES.len());
    }

    #[test]
    fn every_kind_of_work_has_one_frame() {
        for kind in crate::lexicon::KINDS {
            let serving =
                Frame::built_in().iter().filter(|frame| frame.serves.iter().any(|name| name == kind.name));
            assert_eq!(serving.count(), 1, "{}", kind.name);
        }
    }

    #[test]
    fn coverage_weighs_what_matters() {
        let frame = Frame::general();
        assert_eq!(frame.coverage(|_| true), 100);
        assert_eq!(frame.coverage(|_| false), 0);
        let only = |component| frame.coverage(|part| part == Part::Component(component));
        assert!(only(Component::Task) > only(Component::Context));
    }

    #[test]
    fn drafts_with_faults_are_refused() {
        let good = FRAMES[0];
        let refused = |draft: Draft<'_>| Frame::from_draft(&draft).unwrap_err().to_string();
        assert!(
            refused(Draft { required: &["task", "sparkle"], ..good })
                .starts_with("frame `general`: `sparkle` is no part")
        );
        assert!(refused(Draft { required: &[], ..good }).contains("`task` must stand in exactly one"));
        assert!(refused(Draft { order: &["role"], ..good }).contains("order must name each"));
    }
}
