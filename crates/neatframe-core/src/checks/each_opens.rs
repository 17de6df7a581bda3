//! Two things with which each of some parts is to open, or to end.

use super::{Case, Sink, rivals};
use crate::edge::edge;

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    rivals::compare(
        case,
        sink,
        |case, unit| edge(case.source.text(), case.words_of(unit)),
        |one, two| one.part == two.part && one.opens == two.opens && one.with != two.with,
    );
}
