//! Forms: lines `label: what goes in`, and the samples that fill them in.

use crate::checks::Case;
use crate::component::Component;
use crate::source::Source;
use crate::span::Span;

/// One line of a form, or of a sample that fills it in.
pub(crate) struct Entry {
    /// Its label in lower case, bare of marks: `urgency`.
    pub(crate) name: String,
    /// Where the label stands.
    pub(crate) label: Span,
    /// What stands behind it, marks and blanks left out; empty where nothing does.
    pub(crate) value: Span,
}

/// Lines with labels that stand together.
pub(crate) struct Run {
    pub(crate) entries: Vec<Entry>,
}

impl Run {
    /// The line with a label.
    pub(crate) fn line(&self, name: &str) -> Option<&Entry> {
        self.entries.iter().find(|entry| entry.name == name)
    }

    /// From the first label to the end of the last line.
    pub(crate) fn place(&self) -> Span {
        let (first, last) = (&self.entries[0], &self.entries[self.entries.len() - 1]);
        first.label.cover(last.value)
    }

    /// True for the lines of an answer; "Tone: calm" and "Length: short" set the whole of it.
    pub(crate) fn is_form(&self) -> bool {
        let sets = |entry: &Entry| entry.name.split(' ').any(|word| SETTINGS.contains(&word));
        self.entries.len() > LEAST && !self.entries.iter().any(sets)
    }

    /// True where most of the lines were read as a sample.
    pub(crate) fn is_sample(&self, case: &Case<'_>) -> bool {
        let sample = |entry: &&Entry| {
            let unit = case.units.partition_point(|unit| unit.text.end() <= entry.label.start());
            case.labels.get(unit).is_some_and(|label| label.component == Some(Component::Examples))
        };
        self.entries.iter().filter(sample).count() * 2 > self.entries.len()
    }

    /// True for a sample of a form: at least half of the form's labels stand there.
    pub(crate) fn fills(&self, form: &Run) -> bool {
        let common = self.entries.iter().filter(|entry| form.line(&entry.name).is_some()).count();
        common >= LEAST && common * 2 >= form.entries.len()
    }
}

/// Labels of what holds for the whole answer, or for the prompt.
const SETTINGS: [&str; 30] = [
    "tone", "style", "length", "language", "audience", "format", "role", "task", "goal", "context", "topic",
    "voice", "rules", "rule", "constraints", "limit", "limits", "output", "input", "example", "examples",
    "purpose", "persona", "register", "readers", "reader", "medium", "structure", "background", "scope",
];

/// The longest label, in bytes, and the most words of one.
const LABEL: usize = 32;
const WORDS: usize = 4;
/// The fewest labelled lines that make a form, and how many runs are looked at.
const LEAST: usize = 2;
const RUNS: usize = 64;
/// The most lines of one run: a longer one is a list of another kind.
const LINES: usize = 40;

/// The runs of labelled lines, in order of place.
pub(crate) fn runs(source: &Source) -> Vec<Run> {
    let text = source.text();
    let mut found: Vec<Run> = Vec::new();
    let mut open: Vec<Entry> = Vec::new();
    let (mut blank, mut spaced) = (false, false);
    let mut at = 0;
    let close = |open: &mut Vec<Entry>, found: &mut Vec<Run>| {
        if (LEAST..=LINES).contains(&open.len()) {
            found.push(Run { entries: std::mem::take(open) });
        }
        open.clear();
    };
    for line in text.split_inclusive('\n') {
        let span = Span::new(at, at + line.trim_end().len());
        at += line.len();
        if found.len() >= RUNS {
            break;
        }
        if line.trim().is_empty() {
            blank = true;
            continue;
        }
        match entry(source.slice(span), span) {
            Some(entry) => {
                // A label that comes again opens the next record.
                if open.iter().any(|known| known.name == entry.name) {
                    close(&mut open, &mut found);
                }
                // Lines of one form are parted alike: a title with a blank line below it is none of them.
                match open.len() {
                    0 | 1 => {}
                    2 if spaced && !blank => {
                        open.remove(0);
                    }
                    _ if spaced != blank => close(&mut open, &mut found),
                    _ => {}
                }
                spaced = blank && !open.is_empty();
                open.push(entry);
            }
            // What goes on below a label belongs to it.
            None if !blank && line.starts_with([' ', '\t']) && !open.is_empty() => {}
            None => close(&mut open, &mut found),
        }
        blank = false;
    }
    close(&mut open, &mut found);
    found
}

/// `- **Urgency:** low`, `Urgency (low or high):`, `* Urgency - low`: the label, and what stands behind it.
fn entry(body: &str, line: Span) -> Option<Entry> {
    let bare = body.trim_start();
    let bare = ["- ", "* ", "• ", "+ "].iter().find_map(|mark| bare.strip_prefix(mark)).unwrap_or(bare);
    let numbered = bare.trim_start_matches(|c: char| c.is_ascii_digit());
    let listed = bare.len() < body.trim_start().len();
    let bare = ["."].iter().find_map(|sign| numbered.strip_prefix(sign)).map_or(bare, str::trim_start);
    let bare = bare.trim_start_matches(['*', '`', '_']);
    let from = line.start() + (body.len() - bare.len());
    let end = bare.find([':', '(', '.', ',', ';', '?', '!', '{', '"', '|', '\t']).unwrap_or(bare.len());
    let dash = bare.find(" - ").or_else(|| bare.find(" – "));
    let dash = dash.filter(|&at| listed || is_name(&bare[..at]));
    let end = end.min(dash.unwrap_or(usize::MAX));
    let head = bare[..end].trim_end_matches(['*', '`', '_', ' ']);
    let sign = bare[end..].chars().next()?;
    let called = !head.is_empty()
        && head.len() <= LABEL
        && head.split_whitespace().count() <= WORDS
        && head.chars().all(|c| c.is_alphanumeric() || " _-/'&".contains(c))
        && head.chars().any(char::is_alphabetic);
    let closes = match sign {
        ':' => !bare[end..].starts_with("://"),
        '(' => bare[end..].contains(')'),
        ' ' => true,
        _ => false,
    };
    if !called || !closes {
        return None;
    }
    let rest = &bare[end..];
    let value =
        rest.trim_start_matches([':', '*', '`', '_', ' ', '-', '–']).trim_end_matches(['*', '`', '_', ' ']);
    let offset = rest.len() - rest.trim_start_matches([':', '*', '`', '_', ' ', '-', '–']).len();
    let start = from + end + offset.min(rest.len());
    Some(Entry {
        name: head.to_lowercase(),
        label: Span::new(from, from + head.len()),
        value: Span::new(start, start + value.len()),
    })
}

/// "Next step": three words at most, the first with a capital.
fn is_name(head: &str) -> bool {
    head.starts_with(char::is_uppercase) && head.split(' ').count() < WORDS
}

/// The values that a form offers in one place: `one of low, middle, high`, `<LOW|HIGH>`, `low, middle or high`.
/// True beside them where nothing else can be meant: "(name, kind, age)" may as well say what to write there.
pub(crate) fn offered(gloss: &str) -> Option<(Vec<String>, bool)> {
    let gloss = gloss.trim().trim_end_matches('.');
    let lower = gloss.to_lowercase();
    let lead = [
        "exactly one of these:", "exactly one of", "one of these:", "one of the following:", "one of:",
        "one of", "either",
    ];
    let lead = lead.iter().find(|lead| lower.starts_with(*lead)).map_or(0, |lead| lead.len());
    let told = lead > 0;
    let list = gloss.get(lead..)?.trim().trim_start_matches(':').trim();
    let inner =
        list.strip_prefix(['<', '[', '{', '(']).and_then(|list| list.strip_suffix(['>', ']', '}', ')']));
    let boxed = inner.is_some();
    let list = inner.unwrap_or(list).trim();
    let (names, split) = if list.contains('|') {
        (list.split('|').collect::<Vec<_>>(), true)
    } else if list.contains('/') && !list.contains(", ") {
        (list.split('/').collect(), true)
    } else {
        let (rest, last) = list.rsplit_once(" or ").unwrap_or(("", list));
        let named: Vec<&str> =
            rest.trim_end_matches(',').split(", ").filter(|name| !name.is_empty()).collect();
        let last: Vec<&str> = if named.is_empty() { last.split(", ").collect() } else { vec![last] };
        (named.into_iter().chain(last).collect(), false)
    };
    let quoted = names.iter().all(|name| name.trim().starts_with(['"', '`', '\'', '“']));
    let names: Vec<String> =
        names.iter().map(|name| name.trim().trim_matches(['"', '`', '\'', '“', '”']).to_string()).collect();
    let plain = |name: &String| {
        !name.is_empty()
            && name.split_whitespace().count() <= 2
            && name.chars().all(|c| c.is_alphabetic() || " _-".contains(c))
            && name.len() <= LABEL
    };
    let loud = names.iter().all(|name| name.len() > 1 && !name.contains(char::is_lowercase));
    let ored = list.contains(" or ");
    // "Phone or mail" says what to write there.
    let firm = told || quoted || loud || split && (boxed || list.contains('|'));
    let enough = if firm { 2 } else { 3 };
    let words = names.iter().all(|name| !name.contains(' '));
    let choice = firm || (ored || split || boxed) && words;
    (names.len() >= enough && names.iter().all(plain) && choice).then_some((names, firm))
}

#[cfg(test)]
mod tests {
    use super::offered;

    #[test]
    fn values_on_offer() {
        let names = |gloss| offered(gloss).map(|(names, _)| names.join(" "));
        for gloss in [
            "one of low, mid, high", "low | mid | high", "<low|mid|high>", "low, mid or high", "low/mid/high",
        ] {
            assert_eq!(names(gloss).as_deref(), Some("low mid high"), "{gloss}");
        }
        assert_eq!(names("\"yes\" or \"no\"").as_deref(), Some("yes no"));
        for gloss in ["name, kind, age", "phone or mail", "2/3", "the boat, the pier or the day"] {
            assert_eq!(names(gloss), None, "{gloss}");
        }
    }
}
