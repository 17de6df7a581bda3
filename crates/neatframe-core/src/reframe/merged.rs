//! Of two demands that come down to one: which of them goes.

use crate::classify::Label;
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::requirement::{Bound, Demand};
use crate::review::Review;
use crate::span::Span;
use crate::units::{Unit, UnitKind};
use crate::words::Word;
use std::collections::{BTreeSet, HashMap, HashSet};

/// Which of two such demands goes.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(super) enum Goes {
    Later,
    /// The later one says all of it, and more.
    Earlier,
    /// Each has much that the other has not: what to make of them is for a person.
    Neither,
}

/// How many words of meaning of its own a demand may lose without a word on it.
const LITTLE: usize = 1;

/// From so many words of its own on, a demand says something else as well.
const MUCH: usize = 6;

/// Verbs that say nothing of a thing but that it is wanted.
const PLAIN: [&str; 14] = [
    "ensure", "feel", "get", "give", "keep", "look", "make", "need", "read", "remain", "sound", "stay",
    "use", "write",
];

/// What is looked up for each pair, gathered once: a prompt may hold very many of them.
pub(super) struct Pairs<'a> {
    review: &'a Review,
    /// The units that are held to the given text.
    grounded: HashSet<usize>,
    /// The amounts of each unit.
    amounts: HashMap<usize, Vec<&'a Demand>>,
    /// The units of samples, in order.
    samples: Vec<usize>,
}

impl<'a> Pairs<'a> {
    pub(super) fn new(review: &'a Review) -> Pairs<'a> {
        let (mut grounded, mut amounts) = (HashSet::new(), HashMap::<usize, Vec<&Demand>>::new());
        for rule in review.requirements() {
            match &rule.demand {
                Demand::Manner { axis: "sources", pole: "only the given text" } => {
                    grounded.insert(rule.unit);
                }
                demand @ Demand::Amount { .. } => amounts.entry(rule.unit).or_default().push(demand),
                _ => {}
            }
        }
        let shows = |unit: &usize| review.labels()[*unit].component == Some(Component::Examples);
        let samples = (0..review.units().len()).filter(shows).collect();
        Pairs { review, grounded, amounts, samples }
    }

    /// Which of two units goes, of which the later one makes the demand of the earlier one.
    pub(super) fn which(&self, earlier: usize, later: usize) -> Goes {
        let review = self.review;
        let [one, two] = [earlier, later].map(|unit| telling(review, unit));
        let own = |words: &BTreeSet<u32>, other: &BTreeSet<u32>| words.difference(other).count();
        let (lost_later, lost_earlier) = (own(&two, &one), own(&one, &two));
        let forbids = |unit: usize| review.words_of(unit).iter().any(|word| word.is(vocabulary::NEGATION));
        // "Never all piers" says less than "only the piers that are asked for".
        let clearer = lost_later > LITTLE && lost_later > lost_earlier + 1
            || lost_later > lost_earlier && forbids(earlier) && !forbids(later);
        // "Use only the log" says where facts come from, "invent nothing" does not.
        if self.grounded.contains(&later) && !self.grounded.contains(&earlier) {
            return if may_go(review, earlier, later) { Goes::Earlier } else { Goes::Neither };
        }
        if !self.amounts_of(later).iter().all(|amount| self.told_before(later, amount)) {
            return Goes::Neither;
        }
        if clearer && lost_earlier <= LITTLE && may_go(review, earlier, later) {
            return Goes::Earlier;
        }
        // "It needs to look formal" has no word of its own but such verbs.
        let more_than_verbs = || {
            two.difference(&one).filter(|own| !PLAIN.iter().any(|verb| stem(verb) == **own)).count() > LITTLE
        };
        let stays = lost_later >= MUCH
            || self.is_of_another_part(earlier, later) && more_than_verbs()
            || names_code_of_its_own(review, earlier, later)
            || is_an_entry(review, earlier, later)
            || goes_on(review, later)
            || is_leaned_on(review, later)
            || self.asks_behind_the_material(earlier, later);
        if stays { Goes::Neither } else { Goes::Later }
    }

    fn amounts_of(&self, unit: usize) -> &[&'a Demand] {
        self.amounts.get(&unit).map_or(&[], Vec::as_slice)
    }

    /// "About 250 words" is no "at most 250 words": an earlier unit near the top has the very amount, or one that is within it, as
    /// "two sentences" is within "at most two". "Under 80" and "no longer than 80" are one.
    fn told_before(&self, unit: usize, wanted: &Demand) -> bool {
        let within = |told: &Bound, wanted: &Bound| {
            let above = wanted.least.is_none_or(|least| told.least.is_some_and(|told| told + 1 >= least));
            let below = wanted.most.is_none_or(|most| told.most.is_some_and(|told| told <= most + 1));
            let near = |one: Option<u32>, two: Option<u32>| {
                one.zip(two).is_none_or(|(one, two)| one.abs_diff(two) <= 1)
            };
            told.about == wanted.about
                && above
                && below
                && near(told.least, wanted.least)
                && near(told.most, wanted.most)
        };
        let same = |told: &Demand| match (told, wanted) {
            (Demand::Amount { measure, bound }, Demand::Amount { measure: other, bound: own }) => {
                measure == other && within(bound, own)
            }
            _ => false,
        };
        (unit.saturating_sub(REACH)..unit)
            .rev()
            .any(|before| self.amounts_of(before).iter().any(|told| same(told)))
    }

    /// "You write AQL queries" behind "Task: write AQL": the role stays. A rule that goes into what the task only names stays
    /// as well.
    fn is_of_another_part(&self, earlier: usize, later: usize) -> bool {
        let part = |unit: usize| self.review.labels()[unit].component;
        let told = matches!(part(earlier), Some(Component::Task | Component::Role | Component::Context));
        match part(later) {
            Some(Component::Role) => part(earlier) != Some(Component::Role),
            Some(Component::Constraints) => told,
            _ => false,
        }
    }

    /// The ask once more, behind what it is about: there it is read last.
    fn asks_behind_the_material(&self, earlier: usize, later: usize) -> bool {
        let review = self.review;
        let between = Span::new(review.units()[earlier].text.end(), review.units()[later].text.start());
        let shown = || {
            let after = self.samples.partition_point(|unit| *unit <= earlier);
            self.samples.get(after).is_some_and(|unit| *unit < later)
        };
        review.labels()[later].component == Some(Component::Task) && (shown() || review.holds_slot(between))
    }
}

/// Something within backticks or quotation marks that the earlier one does not name.
fn names_code_of_its_own(review: &Review, earlier: usize, later: usize) -> bool {
    let [one, two] =
        [earlier, later].map(|unit| review.source().slice(review.units()[unit].text).to_lowercase());
    let named = |sign: char| two.split(sign).skip(1).step_by(2).map(str::trim).collect::<Vec<_>>();
    ['`', '"'].into_iter().flat_map(named).any(|code| !code.is_empty() && !one.contains(code))
}

/// A line that leads on to what is below it, or an entry of another list than the earlier one: "The plan has: … - the fares",
/// "The letter has: … - the fares".
fn is_an_entry(review: &Review, earlier: usize, later: usize) -> bool {
    let [this, that] = [later, earlier].map(|unit| &review.units()[unit]);
    if review.source().slice(this.text).ends_with(':') {
        return true;
    }
    let item = |unit: &Unit| matches!(unit.kind, UnitKind::Item { .. });
    let orders = |unit: usize| {
        review.words_of(unit).iter().take(3).any(|word| {
            word.is(vocabulary::VERB | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::CONDITION)
        })
    };
    item(this) && !orders(later) && this.block != that.block
}

/// How many units back the same amount is looked for.
const REACH: usize = 200;

/// "Name the pier.Then begin": more than one sentence.
fn goes_on(review: &Review, unit: usize) -> bool {
    let text = review.source().text();
    let words = review.words_of(unit);
    let inner = &words[..words.len().saturating_sub(1)];
    inner.iter().any(|word| matches!(word.text(text), "." | "!" | "?"))
}

/// "Otherwise, …" right behind it would hang in the air.
fn is_leaned_on(review: &Review, unit: usize) -> bool {
    let text = review.source().text();
    let units = review.units();
    let leans = |word: &Word| {
        matches!(
            &*word.lower(text),
            "otherwise"
                | "instead"
                | "it"
                | "its"
                | "they"
                | "their"
                | "this"
                | "that"
                | "these"
                | "those"
                | "such"
        )
    };
    units.get(unit + 1).is_some_and(|next| {
        next.block == units[unit].block
            && !next.opens_piece
            && review.words_of(unit + 1).first().is_some_and(leans)
    })
}

/// The stems of the words that say something, figures included.
fn telling(review: &Review, unit: usize) -> BTreeSet<u32> {
    let text = review.source().text();
    let plain = |word: &&Word| {
        !word.is_punctuation()
            && !word.is(vocabulary::STOP | vocabulary::NEGATION | vocabulary::MODAL | vocabulary::COURTESY)
    };
    review.words_of(unit).iter().filter(plain).map(|word| stem(&word.lower(text))).collect()
}

/// A plain rule that nothing behind it leans on, of the same part as the one that stays.
fn may_go(review: &Review, unit: usize, other: usize) -> bool {
    let units = review.units();
    let plain =
        |unit: usize| matches!(units[unit].kind, UnitKind::Sentence | UnitKind::Item { ordered: false });
    let part = |label: &Label| label.component;
    let labels = review.labels();
    plain(unit)
        && plain(other)
        && part(&labels[unit]) == Some(Component::Constraints)
        && part(&labels[other]) == Some(Component::Constraints)
        && !review.source().slice(units[unit].text).ends_with(':')
        && !is_leaned_on(review, unit)
}

#[cfg(test)]
mod tests {
    use crate::ledger::Uncounted;
    use crate::reframe::{Wishes, reframe};
    use crate::review::{Settings, review};
    use crate::source::Source;

    /// The rules of a prompt once it is reframed.
    fn kept(rules: &str) -> String {
        let text = format!(
            "You are a clerk at the ferry desk. Answer the guest's question below from the fare table.\n\nRules:\n{rules}\n<question>\n{{{{question}}}}\n</question>\n"
        );
        let source = Source::from_bytes(text.into_bytes()).unwrap();
        reframe(&review(source, &Settings::default(), &Uncounted), &Wishes::default()).text
    }

    /// A row each: the rules, what stays of them, what goes.
    #[test]
    fn of_two_that_come_down_to_one() {
        let rows: [(&str, &[&str], &[&str]); 6] = [
            (
                "- Answer in two sentences.\n- Name the pier.\n- Keep it to two sentences.\n",
                &["Answer in two sentences."],
                &["Keep it"],
            ),
            (
                "- Never query for all columns of the fare table.\n- Query only the columns of the fare table that the question needs.\n- Name the pier.\n",
                &["Query only the columns of the fare table that the question needs."],
                &["Never query"],
            ),
            (
                "- Name the pier in the first sentence.\n- Give the fare in crowns.\n- The pier is named in the first sentence.\n",
                &["Name the pier in the first sentence."],
                &["The pier is named"],
            ),
            (
                "- The note has about 250 words.\n- Do not exceed 250 words.\n- Name the pier.\n- Again, the note must have at most 250 words.\n",
                &["about 250 words", "Do not exceed 250 words"],
                &["Again"],
            ),
            (
                "- Do not invent facts.\n- Only use the information given below.\n- Name the pier.\n",
                &["Only use the information given below."],
                &["Do not invent"],
            ),
            (
                "Name the pier in the first sentence.\nGive the fare in crowns. The pier is named in the first sentence. Otherwise, the guest has to look for it.\n",
                &["The pier is named in the first sentence. Otherwise"],
                &[],
            ),
        ];
        for (rules, stays, goes) in rows {
            let text = kept(rules);
            assert!(stays.iter().all(|words| text.contains(words)), "{text}");
            assert!(!goes.iter().any(|words| text.contains(words)), "{text}");
        }
    }
}
