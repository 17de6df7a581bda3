//! What is left for a person to settle: faults of the result for which no edit is certain, as questions in the notes.

use super::courtesy::is_a_fault;
use super::{Change, Note, decide};
use crate::edit::capitalised;
use crate::finding::Finding;
use crate::review::Review;
use crate::span::Span;

/// The questions on what the result still holds, the gravest first, `most` at most; each at its place in the source.
pub(super) fn questions(before: &Review, after: &Review, most: usize) -> Vec<Note> {
    // What a slot asks already is told with the slot.
    let slotted = |finding: &Finding| {
        after
            .slots()
            .iter()
            .any(|slot| slot.span == finding.span && decide::is_question(after.source().slice(slot.inner)))
    };
    let asks = |finding: &&Finding| needs_a_person(finding) && !slotted(finding);
    let mut open: Vec<&Finding> = after.findings().iter().filter(asks).collect();
    open.sort_by_key(|finding| (std::cmp::Reverse(finding.severity), finding.span));
    open.truncate(most);
    let note = |finding: &Finding| Note {
        change: Change::Open,
        span: place(before, after, finding),
        words: capitalised(&finding.write),
        now: format!("`{}`", excerpt(after.source().slice(finding.span), LONGEST)),
        why: finding.message.clone(),
    };
    open.into_iter().map(note).collect()
}

/// What is absent has questions of its own; what is costly is no fault of a sentence.
fn needs_a_person(finding: &Finding) -> bool {
    finding.fix.is_empty() && is_a_fault(finding)
}

/// Where the source holds the same fault in the same words.
fn place(before: &Review, after: &Review, finding: &Finding) -> Option<Span> {
    let words = after.source().slice(finding.span);
    let same = |other: &&Finding| other.check == finding.check && before.source().slice(other.span) == words;
    before.findings().iter().find(same).map(|other| other.span)
}

/// The longest excerpt, in characters.
const LONGEST: usize = 48;

pub(super) fn excerpt(words: &str, longest: usize) -> String {
    let line = words.split_whitespace().collect::<Vec<_>>().join(" ");
    match line.char_indices().nth(longest) {
        Some((end, _)) => format!("{}…", line[..end].trim_end()),
        None => line,
    }
}

#[cfg(test)]
mod tests {
    use crate::ledger::Uncounted;
    use crate::reframe::{Change, Note, Wishes, reframe};
    use crate::review::{Settings, review};
    use crate::source::Source;

    fn open(text: &str, wishes: &Wishes) -> Vec<Note> {
        let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
        let reframed = reframe(&review(source, &Settings::default(), &Uncounted), wishes);
        reframed.notes.into_iter().filter(|note| note.change == Change::Open && note.span.is_some()).collect()
    }

    const CLASH: &str = "Write a notice for guests of the night boat, who read it on the quay.\n\
        Use at most 40 words.\nMake it friendly and professional.\nUse at least 200 words.\n";

    #[test]
    fn what_no_edit_settles_is_asked_the_gravest_first() {
        let notes = open(CLASH, &Wishes::default());
        assert_eq!(notes.len(), 1, "{notes:?}");
        assert_eq!(notes[0].now, "`friendly and professional`");
        assert_eq!(notes[0].span.map(|span| &CLASH[span.range()]), Some("friendly and professional"));
    }

    #[test]
    fn six_questions_at_most_and_none_where_none_is_wished() {
        let many: String =
            (0..12).map(|at| format!("Make part {at} nice and part {} good.\n", at + 20)).collect();
        let wishes = Wishes { offer: false, ..Wishes::default() };
        let asked = open(&format!("Write a notice for guests.\n{many}"), &wishes);
        assert!((3..=6).contains(&asked.len()), "{asked:?}");
        assert!(open(CLASH, &Wishes { ask: false, ..Wishes::default() }).is_empty());
    }
}
