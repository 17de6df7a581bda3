//! Certain rewordings that no check asks for: two negatives made an order, one way of writing amounts.

use super::courtesy::is_a_fault;
use super::parted::is_second_half;
use super::plan::Plan;
use super::{borders, joined, measured};
use crate::checks;
use crate::component::Component;
use crate::counterparts::double_negative;
use crate::edit::{Edit, capitalised};
use crate::lexicon::vocabulary;
use crate::review::Review;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::collections::HashSet;

/// Takes them into a plan.
pub(super) fn reword(plan: &mut Plan, review: &Review) {
    if review.language().is_some() {
        return;
    }
    let text = review.source().text();
    let demands: Vec<usize> = checks::demands(review.units(), review.labels()).collect();
    for &unit in &demands {
        if let Some(edit) = double_negative(text, review.words_of(unit)) {
            plan.reword(review, edit, "says what to do instead of what not to forget");
        }
    }
    borders::mark_samples(plan, review);
    borders::fence_inputs(plan, review);
    let faulty = is_faulty(review);
    if faulty {
        measured::drop_unmeasured(plan, review);
        measured::drop_praise(plan, review);
        joined::join(plan, review);
        borders::take_out_subjects(plan, review);
        for unit in 0..review.units().len() {
            let calm = said_calmly(review, unit).into_iter().chain(seen_to(review, unit));
            for (edit, why) in
                bare_opening(review, unit).into_iter().chain(as_an_order(review, unit)).chain(calm)
            {
                plan.reword(review, edit, why);
            }
        }
        for &unit in &demands {
            part(plan, review, unit);
        }
        set_capitals(plan, review);
    }
    for edit in amounts(text, faulty, demands.iter().map(|&unit| review.words_of(unit))) {
        plan.reword(review, edit, "the prompt writes such amounts in digits");
    }
}

/// "Put the dates in bold and repeat them at the end, and do not forget the hours": a sentence for each.
fn part(plan: &mut Plan, review: &Review, unit: usize) {
    let sentence = matches!(review.units()[unit].kind, UnitKind::Sentence | UnitKind::Item { .. });
    let told = review.labels()[unit].serves(Component::Role);
    if !sentence || told {
        return;
    }
    let edits = checks::parted(review.source().text(), review.words_of(unit));
    if !edits.is_empty() && plan.take(&edits) {
        let now = edits.iter().map(|edit| edit.replacement.as_str()).collect::<Vec<_>>().join(" …");
        let first = edits[0].span.cover(edits[edits.len() - 1].span);
        plan.tell(review, first, &now, "one demand to a sentence");
    }
}

/// "keep it short." behind a full stop: sentences that stand under headings begin with a capital.
fn set_capitals(plan: &mut Plan, review: &Review) {
    let text = review.source().text();
    let units = review.units();
    let small = |&(at, unit): &(usize, &Unit)| {
        let sample = review.labels()[at].component == Some(Component::Examples);
        let first = review.words_of(at).first().filter(|_| begins_sentence(review, at) && !sample)?;
        let word = first.text(text);
        let letters = word.bytes().all(|b| b.is_ascii_lowercase() || b == b'\'');
        // With a capital at its head a line that no stop ends would seem to run on in the next one.
        let below = text[unit.text.end()..].trim_start_matches(' ').strip_prefix('\n');
        let runs_on = below.is_some_and(|below| below.starts_with(|c: char| c.is_lowercase()))
            && !review.source().slice(unit.text).ends_with(['.', '!', '?', ':']);
        if runs_on {
            return None;
        }
        (letters && first.start as usize == unit.text.start()).then_some(*first)
    };
    let first: Vec<Word> = units.iter().enumerate().filter_map(|unit| small(&unit)).collect();
    // A name or a piece of code keeps its letters, unless the whole is typed without capitals.
    let common = vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::VERB;
    let known = |word: &Word| word.is(common) || word.text(text).contains('\'');
    let all = first.len() >= 3 && first.iter().any(known);
    let mut set: Vec<Span> = Vec::new();
    for word in first.iter().filter(|word| all || known(word)) {
        let replacement = word.text(text)[..1].to_uppercase();
        if plan.take(&[Edit { span: Span::within(word.span(), 0, 1), replacement }]) {
            set.push(word.span());
        }
    }
    if let Some(first) = set.first() {
        let word = capitalised(review.source().slice(*first));
        let why = match set.len() {
            1 => "a sentence begins with a capital".to_string(),
            2 => "a sentence begins with a capital, here and once more".to_string(),
            all => format!("a sentence begins with a capital, here and {} more times", all - 1),
        };
        plan.tell(review, *first, &word, &why);
    }
}

/// True for the first sentence of a prompt, and for one behind a sentence that is over.
fn begins_sentence(review: &Review, unit: usize) -> bool {
    let units = review.units();
    let over = unit == 0 || {
        let before = review.source().slice(units[unit - 1].text);
        let gap = &review.source().text()[units[unit - 1].text.end()..units[unit].text.start()];
        let paragraph = gap.matches('\n').count() > 1 && units[unit].kind == UnitKind::Sentence;
        paragraph && !before.ends_with([',', ':', ';'])
            || before.ends_with(['.', '!', '?']) && !before.ends_with("..")
    };
    let amid = units[unit].kind == UnitKind::Field && !units[unit].opens_piece;
    over && (amid || units[unit].kind == UnitKind::Sentence)
}

/// A prompt without a fault keeps its ways.
pub(super) fn is_faulty(review: &Review) -> bool {
    review.findings().iter().any(is_a_fault)
}

/// "Please keep it short", "So we run two ferries", "Also name the pier": the word that ties a sentence to another goes, since
/// the two may come to stand apart.
fn bare_opening(review: &Review, unit: usize) -> Option<(Edit, &'static str)> {
    let text = review.source().text();
    let (first, second) = match review.words_of(unit) {
        [first, second, _, ..] => (*first, *second),
        _ => return None,
    };
    let prose = matches!(review.units()[unit].kind, UnitKind::Sentence | UnitKind::Item { .. });
    let sample = review.labels()[unit].component == Some(Component::Examples);
    if let Some(edit) = behind_an_adverb(text, review.words_of(unit)).filter(|_| prose && !sample) {
        return Some((edit, "the rule holds by itself"));
    }
    let apart = text[first.end as usize..second.start as usize].chars().all(|c| c == ' ');
    let half = is_second_half(review, unit);
    if !prose || sample || half || !apart || first.start as usize != review.units()[unit].text.start() {
        return None;
    }
    let forbids = second.is(vocabulary::NEGATION) || second.lower(text) == "do";
    let verb = |word: &Word| word.is(vocabulary::VERB) && !word.is(vocabulary::STOP);
    // "Please carefully check it".
    let adverb = second.lower(text).ends_with("ly") && review.words_of(unit).iter().skip(2).take(3).any(verb);
    let always = matches!(&*second.lower(text), "always" | "never" | "only");
    let adverb = adverb || always && review.words_of(unit).get(2).is_some_and(verb);
    let be = second.lower(text) == "be" && matches!(&*first.lower(text), "please" | "also" | "and");
    let flatly = matches!(&*second.lower(text), "don't" | "never");
    let orders = verb(&second) || be || adverb || flatly || forbids && !second.is(vocabulary::STOP);
    let why = match &*first.lower(text) {
        "please" if orders => "an order needs no please",
        "also" | "and" if orders => "the rule holds by itself",
        "so" if SUBJECTS.contains(&&*second.lower(text)) => "the sentence stands by itself",
        _ => return None,
    };
    let capital = first.text(text).starts_with(char::is_uppercase) || begins_sentence(review, unit);
    let mut letters = second.text(text).chars();
    let initial = letters.next()?;
    let replacement =
        if capital { initial.to_uppercase().chain(letters).collect() } else { second.text(text).to_string() };
    Some((Edit { span: first.span().cover(second.span()), replacement }, why))
}

/// "Additionally, please include the fare": the order that it is.
fn behind_an_adverb(text: &str, words: &[Word]) -> Option<Edit> {
    let [first, rest @ ..] = words else { return None };
    // "Please also add the fare".
    if let [also, verb, ..] = rest
        && first.lower(text) == "please"
        && matches!(&*also.lower(text), "also" | "always")
        && verb.is(vocabulary::VERB)
        && !verb.is(vocabulary::STOP)
    {
        let kept = if also.lower(text) == "also" { verb } else { also };
        let said = kept.text(text);
        let order = if first.text(text).starts_with('P') { capitalised(said) } else { said.to_string() };
        return Some(Edit { span: first.span().cover(kept.span()), replacement: order });
    }
    let comma = rest.first().is_some_and(|word| word.text(text) == ",");
    let rest = &rest[usize::from(comma)..];
    let adds = matches!(&*first.lower(text), "additionally" | "furthermore" | "moreover" | "also");
    let polite = rest.first().is_some_and(|word| word.lower(text) == "please");
    let tries = rest.get(usize::from(polite)).is_some_and(|word| word.lower(text) == "try")
        && rest.get(usize::from(polite) + 1).is_some_and(|word| word.lower(text) == "to");
    let verb = rest.get(usize::from(polite) + 2 * usize::from(tries))?;
    if !adds || !comma && !polite || !verb.is(vocabulary::VERB) || verb.is(vocabulary::STOP) {
        return None;
    }
    let shown = verb.text(text);
    let capital = first.text(text).starts_with(char::is_uppercase);
    let order = if capital { shown[..1].to_uppercase() + &shown[1..] } else { shown.to_string() };
    Some(Edit { span: first.span().cover(verb.span()), replacement: order })
}

/// "Could you please write the text?": the order that it is, with the edit of the sign at its end first. "… pls" at the end goes.
fn as_an_order(review: &Review, unit: usize) -> Vec<(Edit, &'static str)> {
    let text = review.source().text();
    let words = review.words_of(unit);
    let lower = |at: usize| words.get(at).map(|word| word.lower(text));
    let is = |at: usize, options: &[&str]| lower(at).is_some_and(|word| options.contains(&&*word));
    let sample = review.labels()[unit].component == Some(Component::Examples);
    let prose = matches!(review.units()[unit].kind, UnitKind::Sentence | UnitKind::Item { .. });
    let Some(last) = words.last().filter(|_| prose && !sample) else { return Vec::new() };
    let mut found = Vec::new();
    let begged = usize::from(is(0, &["please"]));
    // "Could you please", "could you also maybe".
    let polite = (begged + 2..begged + 5)
        .take_while(|at| is(*at, &["please", "pls", "kindly", "also", "maybe", "perhaps", "possibly"]))
        .count();
    let verb_at = begged + 2 + polite;
    let verb = words.get(verb_at).filter(|word| word.is(vocabulary::VERB) && !word.is(vocabulary::STOP));
    let asks = is(begged, &["could", "can", "would", "will"]) && is(begged + 1, &["you"]);
    let question = last.text(text) == "?";
    if let Some(verb) = verb.filter(|_| asks && (question || last.text(text) == ".") && words.len() > 4) {
        let capital = words[0].text(text).starts_with(char::is_uppercase) || begins_sentence(review, unit);
        let shown = verb.text(text);
        let order = if capital { shown[..1].to_uppercase() + &shown[1..] } else { shown.to_string() };
        let opening = Edit { span: words[0].span().cover(verb.span()), replacement: order };
        found.push((opening, "an order needs no question"));
        if question {
            found.push((Edit { span: last.span(), replacement: ".".into() }, "an order needs no question"));
        } else if let Some(at) = words.iter().position(|word| word.text(text) == "?") {
            // "Can you make a plan? im 34": what follows is a sentence as well.
            let next = words[at + 1];
            let initial =
                Span::within(next.span(), 0, next.text(text).chars().next().map_or(0, char::len_utf8));
            let edits = [
                Edit { span: words[at].span(), replacement: ".".into() },
                Edit { span: initial, replacement: text[initial.range()].to_uppercase() },
            ];
            found.extend(edits.map(|edit| (edit, "an order needs no question")));
        }
    }
    // "Fix it please, and say why".
    let amid = (2..words.len().saturating_sub(1)).find(|at| {
        is(*at, &["please", "pls", "plz"])
            && words[at + 1].is_punctuation()
            && !words[at - 1].is_punctuation()
    });
    // "Hi, can you fix it pls?"
    let asked =
        (1..words.len().min(5)).any(|at| is(at, &["you"]) && is(at - 1, &["can", "could", "would", "will"]));
    if let Some(at) = amid.filter(|_| asked || words[0].is(vocabulary::VERB)) {
        let cut = Span::new(words[at - 1].end as usize, words[at].end as usize);
        found.push((Edit { span: cut, replacement: String::new() }, "an order needs no please"));
    }
    let courtesy = is(words.len() - 1, &["pls", "plz", "please"]) && words.len() > 3;
    if courtesy {
        let start = words[words.len() - 2].end as usize;
        let cut = Span::new(start, last.end as usize);
        found.push((Edit { span: cut, replacement: String::new() }, "an order needs no please"));
    }
    found
}

/// "Name the pier!!!": one full stop says it.
fn said_calmly(review: &Review, unit: usize) -> Option<(Edit, &'static str)> {
    let text = review.units()[unit].text;
    let body = review.source().slice(text);
    let prose = matches!(review.units()[unit].kind, UnitKind::Sentence | UnitKind::Item { .. });
    let sample = review.labels()[unit].component == Some(Component::Examples);
    let signs = body.len() - body.trim_end_matches('!').len();
    let span = Span::new(text.end() - signs, text.end());
    (prose && !sample && signs >= 2)
        .then(|| (Edit { span, replacement: ".".into() }, "an order needs no raised voice"))
}

/// "You should make sure that you name the pier": the order that it is.
fn seen_to(review: &Review, unit: usize) -> Option<(Edit, &'static str)> {
    let text = review.source().text();
    let words = review.words_of(unit);
    let is =
        |at: usize, options: &[&str]| words.get(at).is_some_and(|word| options.contains(&&*word.lower(text)));
    let sample = review.labels()[unit].component == Some(Component::Examples);
    let prose = matches!(review.units()[unit].kind, UnitKind::Sentence | UnitKind::Item { .. });
    let sure = (1..words.len()).find(|&at| is(at, &["sure"]) && is(at - 1, &["make", "be"]))?;
    let deed = match () {
        () if is(sure + 1, &["to"]) => sure + 2,
        () if is(sure + 1, &["you"]) => sure + 2,
        () if is(sure + 1, &["that"]) && is(sure + 2, &["you"]) => sure + 3,
        () => return None,
    };
    let ordered = |at: usize| {
        words.get(at).is_some_and(|word| word.is(vocabulary::VERB) && !word.is(vocabulary::STOP))
            || is(at, &["be"])
    };
    // "Make sure you do not add a fare", "make sure you always name the pier".
    let denied = is(deed, &["don't", "never", "always"]) && ordered(deed + 1)
        || is(deed, &["do"]) && is(deed + 1, &["not"]) && ordered(deed + 2);
    // "Also, please make sure to", "you should always make sure that you".
    let led = |at: &usize| {
        is(*at, &["please", "also", "always", "you", "should", "must", "will", "need", "have", "to", "and"])
    };
    let first = sure - 1 - (0..sure - 1).rev().take_while(led).count();
    let parted = first == 0 || words[first - 1].text(text) == ",";
    // "Sum it up, and make sure that you name the pier": behind the comma the "and" stays.
    let first = first + usize::from(first > 0 && is(first, &["and"]));
    let (first, deed) = (*words.get(first)?, *words.get(deed).filter(|_| denied || ordered(deed))?);
    let mut letters = deed.text(text).chars();
    let initial = letters.next()?;
    let capital = first.text(text).starts_with(char::is_uppercase);
    let order: String =
        if capital { initial.to_uppercase().chain(letters).collect() } else { deed.text(text).into() };
    (prose && !sample && parted).then(|| {
        (Edit { span: first.span().cover(deed.span()), replacement: order }, "an order begins with its verb")
    })
}

/// What a sentence behind "so" is about.
const SUBJECTS: [&str; 13] =
    ["we", "i", "our", "my", "the", "they", "this", "these", "we've", "we're", "i've", "i'm", "there"];

/// `five (5) bullets`, and with `all` also `five bullets` where the prompt has `3 bullets` as well: the digits alone.
fn amounts<'a>(text: &str, all: bool, demands: impl Iterator<Item = &'a [Word]> + Clone) -> Vec<Edit> {
    let mut edits = Vec::new();
    let measure = |word: &Word| {
        let lower = word.lower(text);
        word.is(vocabulary::MEASURE).then(|| lower.trim_end_matches('s').to_string())
    };
    let in_digits = |word: &Word| word.id == vocabulary::NUMBER;
    let digits: HashSet<String> = demands
        .clone()
        .flat_map(|words| words.windows(2))
        .filter(|pair| in_digits(&pair[0]))
        .filter_map(|pair| measure(&pair[1]))
        .collect();
    for words in demands {
        let mut quoted = false;
        for (at, word) in words.iter().enumerate() {
            quoted ^= word.is(vocabulary::QUOTE);
            let Some(value) = vocabulary::number_value(word.id).filter(|_| !quoted) else { continue };
            let next = |offset: usize| words.get(at + offset);
            let doubled = next(1).is_some_and(|word| word.text(text) == "(")
                && next(2).is_some_and(|word| word.text(text) == value.to_string())
                && next(3).is_some_and(|word| word.text(text) == ")");
            if doubled {
                let end = words[at + 3].end as usize;
                edits
                    .push(Edit { span: Span::new(word.start as usize, end), replacement: value.to_string() });
                continue;
            }
            // "twenty five", "one of": no amount of its own.
            let alone = !at.checked_sub(1).is_some_and(|before| words[before].is_number())
                && !next(1).is_some_and(|word| word.is_number());
            let same = next(1).and_then(measure).is_some_and(|measure| digits.contains(&measure));
            let opens = at == 0 || matches!(words[at - 1].text(text), "." | "!" | "?" | ":");
            if all && alone && same && value >= 2 && !opens {
                edits.push(Edit { span: word.span(), replacement: value.to_string() });
            }
        }
    }
    edits
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reworded;

    #[test]
    fn amounts_are_written_one_way() {
        let prompt = "Write the notice in at most 90 words. Use at most five (5) bullets. The title takes up to eight words. Name the pier in order to warn guests.";
        let text = reworded(prompt);
        assert!(text.contains("at most 5 bullets") && text.contains("up to 8 words"), "{text}");
        let words = "Write the notice in at most ninety words. Name two piers.";
        assert!(reworded(words).contains("ninety words. Name two piers"));
        let quoted = "Write the notice in at most 90 words. Begin with \"In eight words\".";
        assert!(reworded(quoted).contains("\"In eight words\""));
    }

    #[test]
    fn sentences_open_with_what_they_say() {
        let text = reworded(
            "So we run two ferries and, as you know, a kiosk. Write the notice. Please name the pier. Also say when it opens.",
        );
        assert!(text.contains("We run two ferries"), "{text}");
        assert!(text.contains("Name the pier.") && text.contains("Say when it opens."), "{text}");
        let text = reworded("Write the notice in order to warn guests. Additionally, please name the fare.");
        assert!(text.contains("Name the fare."), "{text}");
        let text = reworded("Hi there! Could you please write the text for our door? Name the pier pls");
        assert!(
            text.contains("Write the text for our door.") && text.trim_end().ends_with("Name the pier"),
            "{text}"
        );
        let well = "Write the notice in at most 60 words. Please name the pier.";
        assert!(reworded(well).contains("Please name"), "a prompt without a fault keeps its ways");
    }

    #[test]
    fn what_is_to_be_made_sure_of_is_ordered() {
        let text = reworded(
            "Write the notice in order to warn guests. Make sure to be brief. To help them, you should make sure that you name the pier. Also make sure you do not guess. Make sure the pier is open.",
        );
        for line in
            ["- Be brief.", "- To help them, name the pier.", "- Do not guess.", "- Make sure the pier"]
        {
            assert!(text.contains(line), "{text}");
        }
    }

    #[test]
    fn a_full_stop_says_it() {
        let text = reworded("Write the notice in order to warn guests!!! Name the pier! Then stop!!");
        assert_eq!(text.trim(), "Write the notice to warn guests. Name the pier! Then stop.");
    }

    #[test]
    fn two_negatives_go() {
        let text = reworded("Write the notice. Don't forget to name the pier.");
        assert!(text.contains("Name the pier.") && !text.contains("forget"), "{text}");
    }
}
