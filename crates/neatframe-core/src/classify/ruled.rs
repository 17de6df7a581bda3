//! Rules of the work in the part that shapes the answer: "Do not fill gaps", "If anything is open, set `settled` to false".

use super::{FacetSet, Reading};
use crate::component::Facet;
use crate::lexicon::vocabulary;
use crate::units::UnitKind;
use crate::words::Word;

/// Words that tell of the shape of an answer.
const SHAPES: [&str; 52] = [
    "format", "json", "xml", "yaml", "csv", "markdown", "html", "code", "fence", "fences", "backticks",
    "quotes", "quotation", "comment", "comments", "comma", "commas", "explain", "explanation",
    "explanations", "preamble", "introduction", "text", "heading", "headings", "title", "titles", "line",
    "lines", "field", "fields", "key", "keys", "bullet", "bullets", "list", "table", "column", "columns",
    "prefix", "tag", "tags", "bold", "wrap", "output", "return", "reply", "response", "object", "array",
    "else", "greeting",
];

/// True for a sentence that rules what is done, whatever the part is called.
pub(super) fn rules_the_work(reading: &Reading<'_>, index: usize, facets: FacetSet) -> bool {
    let text = reading.source.text();
    let unit = &reading.units[index];
    if !matches!(unit.kind, UnitKind::Sentence | UnitKind::Item { .. }) {
        return false;
    }
    let words = reading.words.within(unit.text);
    if facets.contains(Facet::Fallback) || facets.contains(Facet::SelfCheck) {
        return true;
    }
    let shapes = |word: &Word| SHAPES.contains(&&*word.lower(text));
    // "Do not guess", "never guess", and not "No. / Kind".
    let does = |at: usize| words.get(at).is_some_and(|word| word.is(vocabulary::VERB));
    let denies = |at: usize| words.get(at).is_some_and(|word| word.is(vocabulary::NEGATION));
    let opens = denies(0) && does(1) || denies(1) && does(2);
    let has = |names: &[&str]| words.iter().any(|word| names.contains(&&*word.lower(text)));
    let confines = words.first().is_some_and(|word| word.is(vocabulary::VERB) || word.lower(text) == "only")
        && has(&["only", "solely"])
        && has(&["what", "facts", "data", "information", "figures", "from"]);
    (opens || confines) && !words.iter().any(shapes)
}
