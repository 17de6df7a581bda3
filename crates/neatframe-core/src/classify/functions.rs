//! Functions that are offered by a line of their own, and what is said below it.

use super::Reading;
use crate::lexicon::vocabulary;
use crate::outline::SectionId;
use crate::units::{Unit, UnitKind};
use crate::words::Word;

/// `long_press(area: int, place: str)` with what is told of it in the lines below.
#[derive(Default)]
pub(super) struct OpenFunction {
    /// Where the last unit that tells of the function ends, in bytes, and its section.
    until: Option<(usize, SectionId)>,
    /// The section whose code shows functions that are there.
    guide: Option<SectionId>,
}

impl OpenFunction {
    /// True for the line that names a function, and for what stands right below it.
    pub(super) fn tells(&mut self, reading: &Reading<'_>, unit: &Unit) -> bool {
        let body = reading.source.slice(unit.text);
        let prose = matches!(unit.kind, UnitKind::Sentence | UnitKind::Item { .. });
        let below = |(end, section): (usize, SectionId)| {
            let between = reading.source.text().get(end..unit.text.start()).unwrap_or("");
            between.bytes().filter(|byte| *byte == b'\n').count() < 2 && unit.section == section
        };
        // `close()` alone may be a line of code.
        let named =
            is_signature(body) && (matches!(unit.kind, UnitKind::Item { .. }) || !body.contains("()"));
        let words = reading.words.within(unit.text);
        let told = words.len() > 2 && !words[0].is(vocabulary::VERB | vocabulary::NEGATION);
        let told = prose && (named || told && self.until.is_some_and(below));
        self.until = told.then_some((unit.text.end(), unit.section));
        told || self.is_in_a_guide(reading, unit)
    }

    /// `tide.now(pier)` in the code below "You also have access to some functions.", and the entries that name what it does.
    fn is_in_a_guide(&mut self, reading: &Reading<'_>, unit: &Unit) -> bool {
        let text = reading.source.text();
        let body = reading.source.slice(unit.text);
        let words = reading.words.within(unit.text);
        let is = |name: &str| words.first().is_some_and(|word| word.lower(text) == name);
        if unit.kind == UnitKind::Sentence && offers_functions(text, words) {
            self.guide = Some(unit.section);
            return true;
        }
        // An item that leads to code may open a part of its own.
        let near =
            self.guide.is_some_and(|section| section <= unit.section && unit.section - section <= PARTS);
        let goes_on = match unit.kind {
            UnitKind::Code => true,
            UnitKind::Item { .. } => body.ends_with(':'),
            UnitKind::Sentence => ["this", "it", "here", "here's"].iter().any(|name| is(name)),
            _ => false,
        };
        if !near || !goes_on {
            self.guide = None;
        }
        self.guide.is_some()
    }
}

/// How many parts a guide to functions may have.
const PARTS: usize = 24;

/// "You also have access to several special functions."
fn offers_functions(text: &str, words: &[Word]) -> bool {
    let said = |at: usize| words.get(at).map(|word| word.lower(text)).unwrap_or_default();
    let from = 1 + usize::from(said(1) == "also");
    let opens = said(0) == "you"
        && said(from) == "have"
        && matches!(&*said(from + 1), "access" | "a" | "several" | "some" | "more" | "exactly");
    let named = words.iter().any(|word| {
        matches!(&*word.lower(text), "function" | "functions" | "commands" | "helpers" | "methods")
    });
    let asks =
        words.iter().any(|word| word.is(vocabulary::MODAL | vocabulary::NEGATION | vocabulary::CONDITION));
    opens && named && !asks
}

/// `tap(area: int, place: str)`, `grid()`, `swipe(from_area, to_area) -> str`, and not `tap(5, "top")`.
fn is_signature(body: &str) -> bool {
    let body = body.trim_matches(['`', '*', ' ', ':']);
    let Some((name, rest)) = body.split_once('(') else { return false };
    let Some((arguments, behind)) = rest.rsplit_once(')') else { return false };
    let identifier = |word: &str| {
        word.starts_with(|c: char| c.is_ascii_alphabetic() || c == '_')
            && word.bytes().all(|byte| byte.is_ascii_alphanumeric() || matches!(byte, b'_' | b'.'))
    };
    let typed = |argument: &str| {
        let (name, of) = argument.split_once(':').map_or((argument, None), |(name, of)| (name, Some(of)));
        identifier(name.trim()) && of.is_none_or(|of| !of.trim().is_empty() && !of.contains('"'))
    };
    let returns = behind.trim().is_empty() || behind.trim().starts_with("->");
    let named = arguments.trim().is_empty() || arguments.split(',').all(typed);
    name.len() > 1 && identifier(name) && returns && named && body.len() <= LONG
}

/// The longest line that names a function, in bytes.
const LONG: usize = 160;

#[cfg(test)]
mod tests {
    use super::is_signature;
    use crate::classify::components_of;
    use crate::component::Component::Context;

    #[test]
    fn a_function_is_named_with_its_arguments() {
        for line in
            ["tap(area: int, place: str)", "grid()", "`swipe(from_area, to_area) -> str`", "**find(name)**"]
        {
            assert!(is_signature(line), "{line}");
        }
        for line in
            ["tap(5, \"top\")", "Sort (by name)", "Name the boat(s) and the pier(s)", "log(the day of it)"]
        {
            assert!(!is_signature(line), "{line}");
        }
    }

    #[test]
    fn what_stands_below_a_function_tells_of_it() {
        let text = "You can call these functions:\n\n1. lift(crate: int, side: str)\n\
                    This one is for one crate. It can take one of two sides: left and right.\n\
                    A simple use is lift(4, \"left\").\n\nOnly lift one crate at a time.\n";
        let found = components_of(text);
        assert_eq!(found[1..5], [Some(Context); 4]);
        assert_ne!(found[5], Some(Context));
    }
}
