//! Reads prompts written for large language models, judges them and restructures them.
//!
//! Text goes in, values come out: this crate knows no files, network, clock or terminal.
//!
//! ```
//! use neatframe_core::{CountTokens, Settings, Source, Tokens, review};
//!
//! struct Bytes; // a program brings a real vocabulary
//! impl CountTokens for Bytes {
//!     fn encoding(&self) -> &str { "bytes" }
//!     fn count(&self, text: &str) -> Tokens { Tokens { lengths: vec![1; text.len()], exact: true } }
//! }
//!
//! let prompt = Source::from_bytes(b"Write a nice notice.".to_vec())?;
//! let review = review(prompt, &Settings::default(), &Bytes);
//! assert_eq!(review.findings()[0].check, "unmeasured-wording");
//! # Ok::<(), neatframe_core::SourceError>(())
//! ```
#![deny(missing_docs)]
#![warn(clippy::print_stdout, clippy::print_stderr)]

mod checks;
mod classify;
mod compare;
mod component;
mod counterparts;
mod directive;
mod edge;
mod edit;
mod fill;
mod finding;
mod frame;
mod house;
mod interview;
mod kind;
mod language;
mod layer;
mod ledger;
mod lexicon;
mod likeness;
mod limits;
mod lines;
mod message;
mod numbering;
mod ordinal;
mod outline;
mod parallel;
mod persona;
mod presence;
mod reading;
mod record;
mod reframe;
mod repeats;
mod requirement;
mod review;
mod samples;
mod slots;
mod sort_key;
mod source;
mod span;
mod trial;
mod unit_names;
mod units;
mod words;

pub use checks::{Level, Meta, checks};
#[doc(hidden)]
pub use classify::training;
pub use classify::{Evidence, FacetSet, Label};
pub use compare::{Comparison, Fate, Pairing, Shift, compare};
pub use component::{Component, Facet};
pub use edit::{Edit, EditError, apply, fitting};
pub use fill::{Filled, Wanted, fill, wanted};
pub use finding::{Family, Finding, Severity};
pub use frame::{Draft, Frame, FrameError, Importance, Need, Part};
pub use house::{HouseKind, HouseWords};
pub use interview::{Interview, Question};
pub use kind::Kind;
pub use layer::Layer;
pub use ledger::{CountTokens, Ledger, Tokens};
pub use limits::Limits;
pub use message::{Anchor, Message, MessageSpan, Speaker};
pub use outline::{Fault, Mark, Outline, Piece, PieceKind, Section, SectionId};
pub use reframe::{Change, Layout, Note, Reframed, Wishes, reframe};
pub use requirement::{Bound, Demand, Field, Measure, Pattern, Requirement, Sequence, Subject, Way};
pub use review::{Review, Settings, Stretch, review};
pub use slots::{Slot, Syntax};
pub use source::{LARGEST, Position, Source, SourceError};
pub use span::Span;
pub use units::{Unit, UnitKind};
