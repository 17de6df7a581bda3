//! An answer that is one thing and nothing else, and words that are to stand beside it: "output the query only", "justify each
//! join".

use super::{Case, Sink, rivals};
use crate::requirement::{Demand, is_exception};
use crate::words::Word;
use std::borrow::Cow;

/// Words from which a sentence says more than this.
const LONG: usize = 24;
/// How far behind the verb the thing is named, in words.
const REACH: usize = 9;
/// Verbs of answering.
const GIVES: [&str; 14] = [
    "output", "return", "reply", "respond", "answer", "give", "write", "provide", "send", "print", "produce",
    "generate", "deliver", "show",
];
/// Answers that leave no room for a word on them.
const SINGLES: [&str; 34] = [
    "query", "sql", "code", "script", "program", "function", "regex", "pattern", "number", "label", "labels",
    "word", "name", "names", "title", "titles", "headline", "headlines", "translation", "class", "category",
    "score", "rating", "digit", "id", "command", "formula", "url", "link", "diff", "patch", "slogan",
    "caption", "expression",
];
/// Answers that have places for what is said of each thing.
const RECORDS: [&str; 10] =
    ["json", "object", "array", "table", "list", "csv", "xml", "yaml", "record", "records"];
/// Answers in sentences.
const TEXTS: [&str; 13] = [
    "text", "letter", "mail", "email", "summary", "version", "notice", "poem", "message", "article",
    "speech", "sentence", "paragraph",
];
/// Words on the answer.
const REMARKS: [&str; 22] = [
    "explanation", "explanations", "comment", "comments", "commentary", "note", "notes", "reason", "reasons",
    "rationale", "justification", "remark", "remarks", "reasoning", "preamble", "introduction", "prose",
    "words", "text", "disclaimer", "greeting", "sentence",
];

/// What a sentence says of the words around the answer.
enum Around {
    /// None: the answer is this kind of thing alone.
    Nothing(Kind),
    /// There are some.
    Words {
        /// Of what the model did, its choice or its changes.
        of_the_work: bool,
        /// Before or behind the thing.
        outside: bool,
    },
}

#[derive(Clone, Copy, PartialEq, Eq)]
enum Kind {
    Single,
    Record,
    Text,
}

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    // A record may have a place of its own for the reason.
    let placed = case.requirements.iter().any(|rule| match &rule.demand {
        Demand::Fields(fields) => fields.iter().any(|field| REMARKS.contains(&&*field.name.to_lowercase())),
        _ => false,
    });
    rivals::compare(case, sink, around, |one, two| {
        let (kind, of_the_work, outside) = match (one, two) {
            (Around::Nothing(kind), Around::Words { of_the_work, outside })
            | (Around::Words { of_the_work, outside }, Around::Nothing(kind)) => (kind, of_the_work, outside),
            _ => return false,
        };
        match kind {
            Kind::Single => true,
            Kind::Record => *outside || *of_the_work && !placed,
            Kind::Text => *of_the_work,
        }
    });
}

fn around(case: &Case<'_>, unit: usize) -> Option<Around> {
    let text = case.source.text();
    let words = case.words_of(unit);
    if words.len() > LONG {
        return None;
    }
    let said = Said { text, words };
    // "Nothing except the query" names no case.
    let rules_out = said.rules_out_more().map(Around::Nothing);
    rules_out.or_else(|| {
        let firm = !is_exception(text, words);
        firm.then(|| said.alone().map(Around::Nothing).or_else(|| said.more()))?
    })
}

/// The words of one sentence.
struct Said<'a> {
    text: &'a str,
    words: &'a [Word],
}

impl<'a> Said<'a> {
    fn lower(&self, at: usize) -> Cow<'a, str> {
        self.words.get(at).map_or(Cow::Borrowed(""), |word| word.lower(self.text))
    }

    fn kind(&self, at: usize) -> Option<Kind> {
        let word = self.lower(at);
        let of = |names: &[&str]| names.contains(&&*word);
        match () {
            () if of(&SINGLES) => Some(Kind::Single),
            () if of(&RECORDS) => Some(Kind::Record),
            () if of(&TEXTS) => Some(Kind::Text),
            () => None,
        }
    }

    /// The kind of thing named first from a place on, its adjectives passed over, and where it stands: "the corrected SQL query".
    fn thing(&self, from: usize) -> Option<(usize, Kind)> {
        let last = (from..from + REACH)
            .take_while(|&at| {
                !matches!(&*self.lower(at), "" | "," | ";" | ":" | "of" | "for" | "in" | "that")
            })
            .filter_map(|at| Some((at, self.kind(at)?)));
        // "The SQL query": the last of a row of nouns.
        last.reduce(|before, next| if next.0 == before.0 + 1 { next } else { before })
    }

    /// "The query and nothing else", "nothing but the query", "the query, no explanation".
    fn alone(&self) -> Option<Kind> {
        let opening = (0..2).find(|&at| !matches!(&*self.lower(at), "please" | "always" | "then"))?;
        let bare = matches!(&*self.lower(opening), "only" | "just" | "simply" | "solely");
        let verb = opening + usize::from(bare);
        // "Only the query, please."
        if bare && matches!(&*self.lower(verb), "the" | "a" | "an" | "your") {
            let (at, kind) = self.thing(verb)?;
            let ends = matches!(&*self.lower(at + 1), "." | "" | "!");
            // "Only the names, one per line".
            let asked =
                self.lower(at + 1) == "," && matches!(&*self.lower(at + 2), "please" | "one" | "each");
            return (ends || asked).then_some(kind);
        }
        let whole =
            matches!(&*self.lower(opening + 1), "answer" | "reply" | "output" | "response" | "result")
                && matches!(&*self.lower(opening), "the" | "your");
        let gives = GIVES.contains(&&*self.lower(verb));
        if !whole && !gives {
            return None;
        }
        let consists = usize::from(self.lower(opening + 3) == "of");
        let from = if whole { opening + 2 + 2 * consists } else { verb + 1 };
        let (at, kind) = self.thing(from)?;
        let narrow = |at: usize| matches!(&*self.lower(at), "only" | "just" | "solely" | "exclusively");
        // "Only" stands before the thing or right behind it, and bounds nothing else there.
        let before = bare || (from..at).any(|at| narrow(at) || self.is_nothing_but(at));
        let behind = narrow(at + 1) || self.lower(at + 1) == "alone" || self.is_nothing_else(at + 1);
        let without = (at + 1..self.words.len()).any(|at| self.leaves_out_remarks(at));
        (before || behind || without).then_some(kind)
    }

    fn is_nothing_but(&self, at: usize) -> bool {
        self.lower(at) == "nothing" && matches!(&*self.lower(at + 1), "but" | "except" | "besides")
    }

    fn is_nothing_else(&self, at: usize) -> bool {
        let at = (at..at + 2).find(|&at| !matches!(&*self.lower(at), "and" | "," | "with")).unwrap_or(at);
        self.lower(at) == "nothing" && matches!(&*self.lower(at + 1), "else" | "more" | "around")
    }

    /// "Without any explanation", ", no commentary".
    fn leaves_out_remarks(&self, at: usize) -> bool {
        let leads = match &*self.lower(at) {
            "without" => true,
            "no" => matches!(&*self.lower(at.wrapping_sub(1)), "," | "and" | "with" | "–" | "-"),
            _ => false,
        };
        let named = (at + 1..at + 4).find(|&at| {
            !matches!(
                &*self.lower(at),
                "any" | "a" | "an" | "further" | "additional" | "extra" | "other" | "the"
            )
        });
        leads && named.is_some_and(|at| REMARKS.contains(&&*self.lower(at)))
    }

    /// "No text besides the query", "do not write anything except the query".
    fn rules_out_more(&self) -> Option<Kind> {
        let denied = matches!(&*self.lower(0), "no" | "nothing" | "never")
            || self.lower(0) == "do" && self.lower(1) == "not"
            || self.lower(0) == "don't";
        let at = (1..6).find(|&at| {
            matches!(&*self.lower(at), "besides" | "except" | "beyond" | "but")
                || self.lower(at) == "other" && self.lower(at + 1) == "than"
                || self.lower(at) == "apart" && self.lower(at + 1) == "from"
        })?;
        let any = (0..at).any(|at| {
            matches!(&*self.lower(at), "anything" | "nothing")
                || REMARKS.contains(&&*self.lower(at)) && self.lower(0) == "no"
        });
        let wide = usize::from(matches!(&*self.lower(at), "other" | "apart"));
        (denied && any).then(|| self.thing(at + 1 + wide).map(|(_, kind)| kind))?
    }

    /// "Explain why you chose it", "add a short explanation", "after the query, say what it does".
    fn more(&self) -> Option<Around> {
        let leads = |at: &usize| {
            matches!(&*self.lower(*at), "then" | "also" | "and" | "please" | "finally" | "briefly" | "always")
        };
        let start = (0..3).find(|at| !leads(at))?;
        let before =
            matches!(&*self.lower(start), "after" | "below" | "under" | "beneath" | "before" | "above");
        // "After the query, explain …"
        let placed = before
            .then(|| {
                let (at, _) = self.thing(start + 1)?;
                Some(at + 1 + usize::from(self.lower(at + 1) == ","))
            })
            .flatten();
        if before && placed.is_none() {
            return None;
        }
        let verb = placed.unwrap_or(start);
        let verb = verb + usize::from(matches!(&*self.lower(verb), "briefly" | "also"));
        let rest = || verb + 1..self.words.len();
        // "Explain it in a comment in the code", "give the reason in the column `why`": within the thing.
        let within = rest().any(|at| {
            matches!(&*self.lower(at), "in" | "as" | "inside" | "within" | "under")
                && (at + 1..at + 4).any(|at| {
                    self.kind(at) == Some(Kind::Record)
                        || matches!(
                            &*self.lower(at),
                            "comment" | "comments" | "column" | "field" | "key" | "`" | "code" | "\""
                        )
                })
        });
        if within {
            return None;
        }
        let outside = placed.is_some()
            || rest().any(|at| {
                matches!(&*self.lower(at), "below" | "after" | "before" | "above" | "beneath" | "under")
                    && !matches!(&*self.lower(at + 1), "each" | "every")
                    && (self.thing(at + 1).is_some() || matches!(&*self.lower(at + 1), "it" | "them"))
            });
        let you = |at: usize| matches!(&*self.lower(at), "you" | "your");
        let of_the_work = rest().take(REACH).any(|at| {
            you(at)
                && matches!(
                    &*self.lower(at + 1),
                    "chose"
                        | "choose"
                        | "picked"
                        | "decided"
                        | "changed"
                        | "did"
                        | "made"
                        | "used"
                        | "choice"
                        | "choices"
                        | "decision"
                        | "decisions"
                        | "changes"
                        | "edits"
                        | "approach"
                        | "reasoning"
                        | "answer"
                        | "thinking"
                        | "reasons"
                )
        });
        let of_it = rest().take(4).any(|at| {
            matches!(
                &*self.lower(at),
                "it" | "each" | "every" | "choice" | "reason" | "reasons" | "reasoning" | "approach"
            ) || self.kind(at).is_some()
        });
        let remark = || {
            rest()
                .take(5)
                .find(|&at| {
                    !matches!(&*self.lower(at), "a" | "an" | "one" | "two" | "some" | "short" | "brief")
                })
                // A comment stands in the code, unless it is one on the whole.
                .filter(|&at| !matches!(&*self.lower(at), "comment" | "comments") || of_the_work || outside)
                .is_some_and(|at| REMARKS.contains(&&*self.lower(at)))
        };
        let more = match &*self.lower(verb) {
            "explain" | "justify" | "describe" | "motivate" | "discuss" => of_the_work || of_it || outside,
            "comment" => self.lower(verb + 1) == "on" && (of_the_work || of_it || outside),
            "add" | "give" | "include" | "write" | "provide" | "append" | "put" | "state" => remark(),
            "begin" | "start" | "open" | "end" | "close" | "finish" => {
                self.lower(verb + 1) == "with"
                    && (verb + 2..verb + 6).any(|at| {
                        matches!(
                            &*self.lower(at),
                            "sentence"
                                | "introduction"
                                | "summary"
                                | "greeting"
                                | "paragraph"
                                | "explanation"
                                | "remark"
                                | "note"
                                | "comment"
                        )
                    })
            }
            "walk" => of_the_work,
            "say" | "tell" | "list" | "note" => placed.is_some() || of_the_work,
            _ => false,
        };
        let opens = matches!(&*self.lower(verb), "begin" | "start" | "open" | "end" | "close" | "finish");
        more.then_some(Around::Words { of_the_work, outside: outside || opens })
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::span::Span;
    use crate::words::Words;

    fn said(text: &str) -> &'static str {
        let words = Words::read(text, 0);
        let said = Said { text, words: words.within(Span::new(0, text.len())) };
        match (said.rules_out_more().or_else(|| said.alone()), said.more()) {
            (Some(Kind::Single), _) => "the thing alone",
            (Some(Kind::Record), _) => "the record alone",
            (Some(Kind::Text), _) => "the text alone",
            (None, Some(_)) => "words beside it",
            (None, None) => "neither",
        }
    }

    #[test]
    fn an_answer_alone_and_words_beside_it() {
        for (text, expected) in [
            ("Output the query only.", "the thing alone"),
            ("Your answer is just the query.", "the thing alone"),
            ("No text besides the JSON.", "the record alone"),
            ("Return nothing but the letter.", "the text alone"),
            ("Return the code, no commentary.", "the thing alone"),
            ("Justify each join.", "words beside it"),
            ("After the query, say what it does.", "words beside it"),
            ("Add a comment above each function.", "neither"),
            ("Give the reason in the column `why`.", "neither"),
            ("Only the crew may use the list of boats.", "neither"),
            ("Return the rows of the last week.", "neither"),
        ] {
            assert_eq!(said(text), expected, "{text}");
        }
    }
}
