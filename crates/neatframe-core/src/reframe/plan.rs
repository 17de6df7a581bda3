//! What to change: certain edits, units that go, questions for what is absent.

use super::chunk::lead_span;
use super::courtesy::COURTESY;
use super::merged::{Goes, Pairs};
use super::{Change, Note, Wishes};
use crate::component::Component;
use crate::edit::Edit;
use crate::finding::{Family, Finding};
use crate::frame::{Importance, Need, Part};
use crate::lexicon::vocabulary;
use crate::requirement::of_unit;
use crate::review::Review;
use crate::slots;
use crate::span::Span;
use crate::units::UnitKind;
use std::collections::{BTreeMap, HashSet};

/// The changes of one prompt.
#[derive(Clone, Default)]
pub(super) struct Plan {
    /// Edits within units, none overlapping.
    pub(super) edits: Vec<Edit>,
    /// Where they start and end.
    taken: BTreeMap<usize, usize>,
    /// Units that go.
    pub(super) dropped: HashSet<usize>,
    /// Components to ask for, in the frame's order, each with its slot.
    pub(super) asked: Vec<(Component, String)>,
    /// Lines to add, each with the component that it belongs to.
    pub(super) offered: Vec<(Component, String)>,
    /// Blocks that go to the end, where material stands.
    pub(super) blocks: Vec<String>,
    pub(super) notes: Vec<Note>,
}

/// The most questions that a restructured prompt asks.
pub(super) const QUESTIONS: usize = 6;

/// Words of a rule that names a quality and nothing else.
const SHORT: usize = 8;

pub(super) fn plan(review: &Review, wishes: &Wishes) -> Plan {
    let mut plan = Plan::default();
    for wish in &wishes.notes {
        super::wish::grant(&mut plan, review, wish);
    }
    let pairs = Pairs::new(review);
    for finding in review.findings() {
        if finding.family == Family::Redundant {
            plan.drop_unit(review, &pairs, finding);
        }
    }
    // Sentences are parted first, place by place; what overlaps is cut when the result is read again.
    for finding in review.findings().iter().filter(|finding| finding.check == "run-on") {
        plan.part(review, finding);
    }
    super::wanted::wishes(&mut plan, review);
    for finding in review.findings() {
        if finding.family != Family::Redundant && finding.check != "run-on" && finding.check != COURTESY {
            plan.edit(review, finding);
        }
    }
    plan.drop_reminders(review);
    super::secrets::take_out(&mut plan, review);
    super::rewording::reword(&mut plan, review);
    if wishes.lean {
        plan.drop_bare_qualities(review);
    }
    plan.settle(review);
    if wishes.ask && review.language().is_none() {
        super::decide::ask(&mut plan, review);
        super::holes::ask(&mut plan, review);
        super::gaps::ask(&mut plan, review);
        plan.edits.sort();
    }
    if review.language().is_none() {
        if wishes.offer && !wishes.lean {
            plan.offer(review);
        }
        if wishes.ask {
            plan.ask(review, if wishes.lean { Importance::Required } else { Importance::Recommended });
        }
    }
    plan
}

impl Plan {
    /// A repeat goes when all of its unit repeats.
    fn drop_unit(&mut self, review: &Review, pairs: &Pairs<'_>, finding: &Finding) {
        let found = review.unit_at(finding.span);
        let Some(unit) = found.filter(|&unit| review.units()[unit].text == finding.span) else { return };
        let twin = finding.related.first().and_then(|span| review.unit_at(*span));
        let twin = twin.filter(|twin| !self.dropped.contains(twin) && finding.fix.is_empty());
        match twin.map_or(Goes::Later, |twin| pairs.which(twin, unit)) {
            Goes::Later => {}
            Goes::Neither => return,
            Goes::Earlier => {
                let line = review.source().position(finding.span.start()).line;
                let why = format!(
                    "line {line} says this and more: `{}`",
                    crate::checks::shown(review.source(), finding.span)
                );
                return self.drop_for(review, twin.unwrap_or(unit), &why);
            }
        }
        if matches!(review.units()[unit].kind, UnitKind::Item { ordered: true }) {
            // The steps behind a step that goes move up, and what refers to them by number follows; else it stays.
            let Some((_, mended)) = finding.fix.split_first() else { return };
            if self.dropped.contains(&unit) || !self.take(mended) {
                return;
            }
            for edit in mended {
                let why = "a step before it goes, so the numbers move up";
                self.note(Change::Edited, edit.span, review, edit.replacement.clone(), why);
            }
        }
        self.remove(review, unit, finding);
    }

    /// "TODO swap in the new rubric": what the author has still to do is nothing to send.
    fn drop_reminders(&mut self, review: &Review) {
        for finding in review.findings().iter().filter(|finding| finding.check == "left-over-slot") {
            let Some(unit) = review.unit_at(finding.span).filter(|_| finding.fix.is_empty()) else {
                continue;
            };
            let told = &review.units()[unit];
            let prose = matches!(told.kind, UnitKind::Sentence | UnitKind::Item { ordered: false });
            let body = review.source().slice(told.text);
            let reminds =
                body.starts_with("TODO ") || body.starts_with("TODO: ") || body.starts_with("FIXME");
            if prose && reminds && told.text == finding.span {
                self.drop_for(review, unit, "it reminds whoever keeps the prompt of something still to do");
            }
        }
    }

    /// "Be engaging and professional." names nothing that can be done otherwise.
    fn drop_bare_qualities(&mut self, review: &Review) {
        for finding in review.findings().iter().filter(|finding| finding.family == Family::Vague) {
            let Some(unit) = review.unit_at(finding.span) else { continue };
            let own = of_unit(review.requirements(), unit).next().is_some();
            let rule = review.labels()[unit].component == Some(Component::Constraints);
            let short = review.words_of(unit).len() <= SHORT;
            if rule && short && !own {
                self.drop_for(review, unit, "names only a quality, and a lean target does without");
            }
        }
    }

    fn remove(&mut self, review: &Review, unit: usize, finding: &Finding) {
        self.drop_for(review, unit, &finding.message);
    }

    /// Takes a unit out for a reason.
    pub(super) fn drop_for(&mut self, review: &Review, unit: usize, why: &str) {
        if self.dropped.insert(unit) {
            self.note(Change::Dropped, lead_span(review, unit), review, String::new(), why);
        }
    }

    /// Parts a long sentence at each place where that is sure.
    fn part(&mut self, review: &Review, finding: &Finding) {
        if review.unit_at(finding.span).is_some_and(|unit| self.dropped.contains(&unit)) {
            return;
        }
        for edit in &finding.fix {
            if self.take(std::slice::from_ref(edit)) {
                self.note(Change::Edited, edit.span, review, edit.replacement.clone(), &finding.message);
            }
        }
    }

    fn edit(&mut self, review: &Review, finding: &Finding) {
        let Some(first) = finding.fix.first() else { return };
        let unit = review.unit_at(finding.span);
        if unit.is_some_and(|unit| self.dropped.contains(&unit)) {
            return;
        }
        let whole =
            finding.fix.len() == 1 && first.replacement.is_empty() && first.span.contains(finding.span);
        if let Some(unit) = unit.filter(|&unit| whole && review.units()[unit].text == finding.span) {
            return self.remove(review, unit, finding);
        }
        if !self.take(&finding.fix) {
            return;
        }
        if finding.check == "skipped-level" {
            for edit in &finding.fix {
                let line = review.source().line_around(edit.span.start());
                let heading = Span::new(edit.span.start(), line.end());
                let now = review.source().slice(Span::new(edit.span.end(), line.end())).trim_end();
                self.note(Change::Edited, heading, review, now.to_string(), &finding.message);
            }
            return;
        }
        // Slots and numbers are changed in several places, each with a note of its own.
        let spread = matches!(finding.family, Family::Steps | Family::Slot);
        let same = |edit: &Edit| review.source().slice(edit.span) == edit.replacement;
        let places = finding.fix.iter().filter(|edit| spread && !edit.span.is_empty() && !same(edit));
        for edit in places.clone() {
            self.note(Change::Edited, edit.span, review, edit.replacement.clone(), &finding.message);
        }
        if places.count() > 0 {
            return;
        }
        let replacement = first.replacement.trim().to_string();
        // Nothing in its place is a cut; a lone letter is the capital of what follows one.
        let cut = finding.write == "leave it out" || replacement.chars().count() <= 1;
        let change = if cut { Change::Dropped } else { Change::Edited };
        let now = if change == Change::Dropped { String::new() } else { replacement };
        self.note(change, finding.span, review, now, &finding.message);
    }

    /// Takes a set of edits in; false where one of them touches what is edited already.
    pub(super) fn take(&mut self, edits: &[Edit]) -> bool {
        let clashes = |new: &Edit| {
            let before = self.taken.range(..=new.span.start()).next_back();
            let after = self.taken.range(new.span.start()..).next();
            before.is_some_and(|(start, end)| *start == new.span.start() || *end > new.span.start())
                || after.is_some_and(|(start, _)| *start < new.span.end())
        };
        if edits.iter().any(clashes) {
            return false;
        }
        self.taken.extend(edits.iter().map(|edit| (edit.span.start(), edit.span.end())));
        self.edits.extend(edits.iter().cloned());
        true
    }

    /// An edit of wording with its reason, unless something there is edited already.
    pub(super) fn reword(&mut self, review: &Review, edit: Edit, why: &str) {
        if self.take(std::slice::from_ref(&edit)) {
            let change = if edit.replacement.is_empty() { Change::Dropped } else { Change::Edited };
            self.note(change, edit.span, review, edit.replacement, why);
        }
    }

    /// Notes an edit of several places.
    pub(super) fn tell(&mut self, review: &Review, span: Span, now: &str, why: &str) {
        self.note(Change::Edited, span, review, now.into(), why);
    }

    /// Takes out edits in units that go, and the notes on them.
    fn settle(&mut self, review: &Review) {
        let gone = |span: Span| review.unit_at(span).filter(|unit| self.dropped.contains(unit));
        let edits = std::mem::take(&mut self.edits);
        let kept = edits.into_iter().filter(|edit| gone(edit.span).is_none()).collect();
        let notes = std::mem::take(&mut self.notes);
        let holds = |note: &Note| {
            note.span.is_none_or(|span| gone(span).is_none_or(|unit| lead_span(review, unit) == span))
        };
        let noted = notes.into_iter().filter(holds).collect();
        (self.edits, self.notes) = (kept, noted);
        self.edits.sort();
    }

    fn note(&mut self, change: Change, span: Span, review: &Review, now: String, why: &str) {
        let words = review.source().slice(span).to_string();
        self.notes.push(Note { change, span: Some(span), words, now, why: why.into() });
    }

    /// Adds the safe lines of the frame for parts that are recommended and absent.
    fn offer(&mut self, review: &Review) {
        for need in &review.frame().needs {
            let Some(line) = need.offer.as_deref().filter(|_| need.importance > Importance::Optional) else {
                continue;
            };
            // The line itself may stand where it is read as something else.
            let stands = review.source().text().contains(line);
            if stands || review.holds(need.part) || !fits(review, line) {
                continue;
            }
            let component = match need.part {
                Part::Component(component) => component,
                Part::Facet(_) => Component::Constraints,
            };
            self.notes.push(Note {
                change: Change::Added,
                span: None,
                words: line.into(),
                now: super::title(component).into(),
                why: format!("{} Offered; leave it out if it does not fit.", need.why),
            });
            self.offered.push((component, line.into()));
        }
    }

    fn ask(&mut self, review: &Review, least: Importance) {
        let missing = review.missing();
        // A section named for a component holds the author's answer, however it reads.
        let named = |component: Component| {
            review.units().iter().any(|unit| {
                let titled = review.title_component(unit.section) == Some(component);
                titled && unit.kind != UnitKind::Mark && unit.section != 0
            })
        };
        let mut wanted: Vec<(Component, &Need)> = review
            .frame()
            .components()
            .filter(|(component, need)| need.importance >= least && missing.contains(component))
            .filter(|(component, _)| !named(*component) && !maybe(review, *component))
            .filter(|(component, _)| *component != Component::Context || !takes_text_in(review))
            .collect();
        wanted.sort_by_key(|(_, need)| std::cmp::Reverse(need.importance));
        wanted.truncate(QUESTIONS);
        let syntax = slots::usual(review.slots());
        for (component, need) in review.frame().components() {
            if !wanted.iter().any(|(other, _)| *other == component) {
                continue;
            }
            // A slot that nobody fills costs answers: where most is there, the question stands in the notes alone.
            // So it does where a line is offered for the part.
            let offered = self.offered.iter().any(|(other, _)| *other == component);
            let long = review.units().len() >= LONG;
            let least = if need.importance < Importance::Required && !long { COMPLETE } else { HALF };
            let most_is_there =
                review.coverage() >= least && (long || need.importance < Importance::Required);
            if offered || most_is_there {
                self.notes.push(Note {
                    change: Change::Open,
                    span: None,
                    words: need.ask.to_string(),
                    now: super::title(component).into(),
                    why: need.why.into(),
                });
                continue;
            }
            let name = component.id();
            let slot = syntax.write(&format!("{name}: {}", need.ask));
            let why = format!("{} The answer goes in place of the slot.", need.why);
            self.notes.push(Note {
                change: Change::Added,
                span: None,
                words: slot.clone(),
                now: super::title(component).into(),
                why,
            });
            self.asked.push((component, slot));
        }
    }
}

/// Kinds of work whose background is the text that is worked on.
const OF_A_TEXT: [&str; 3] = ["rewriting", "summarising", "translation"];

/// "Rewrite the leaflet in {{leaflet}}": the text comes in by a slot.
fn takes_text_in(review: &Review) -> bool {
    let of_a_text = review.kind().is_some_and(|kind| OF_A_TEXT.contains(&&*kind.name));
    of_a_text
        && review.slots().iter().any(|slot| !super::decide::is_question(review.source().slice(slot.inner)))
}

/// True when an offered line suits the prompt: it has the text that the line speaks of, and says nothing on failing itself.
fn fits(review: &Review, line: &str) -> bool {
    const TEXTS: [&str; 16] = [
        "text", "texts", "passage", "document", "article", "report", "reports", "notes", "transcript",
        "excerpt", "sheet", "contract", "letter", "mail", "page", "log",
    ];
    const POINTS: [&str; 9] = ["the", "this", "these", "my", "our", "each", "following", "attached", "given"];
    const FAILING: [&str; 10] =
        ["fail", "fails", "failed", "error", "errors", "problem", "problems", "unsure", "trouble", "timeout"];
    let source = review.source();
    let words = || (0..review.units().len()).flat_map(|unit| review.words_of(unit));
    let holds = |list: &[&str]| words().any(|word| list.contains(&&*word.lower(source.text())));
    let in_slots = review.slots().iter().any(|slot| {
        let name = source.slice(slot.inner).to_lowercase();
        TEXTS.iter().any(|text| name.split(|c: char| !c.is_alphanumeric()).any(|part| part == *text))
    });
    // "Running text" is a form; "the text", "these notes" are at hand.
    let at_hand = (0..review.units().len()).any(|unit| {
        review.words_of(unit).windows(2).any(|pair| {
            POINTS.contains(&&*pair[0].lower(source.text()))
                && TEXTS.contains(&&*pair[1].lower(source.text()))
        })
    });
    let about_text = line.contains("the text");
    let about_tools = line.contains("tool fails");
    !(about_text && !in_slots && !at_hand || about_tools && holds(&FAILING))
}

/// The coverage, in per cent, from which what is recommended is asked for in the notes only.
const COMPLETE: u32 = 70;

/// Units from which a prompt is in use as it stands, so that a slot in it costs more, and the coverage that is then enough.
const LONG: usize = 12;
const HALF: u32 = 50;

/// True when some unit may well serve a component, though it was taken for another.
fn maybe(review: &Review, component: Component) -> bool {
    // "You turn transcripts into subtitles" says what is done as well as who does it.
    let does = |unit: usize| {
        let words = review.words_of(unit);
        let you = words.first().is_some_and(|word| word.lower(review.source().text()) == "you");
        let verb = words.get(1).is_some_and(|word| word.is(vocabulary::VERB) && !word.is(vocabulary::STOP));
        review.labels()[unit].component == Some(Component::Role) && you && verb
    };
    let told = component == Component::Task && (0..review.units().len()).any(does);
    told || review.labels().iter().any(|label| label.shares[component.index()] >= 0.3)
}
