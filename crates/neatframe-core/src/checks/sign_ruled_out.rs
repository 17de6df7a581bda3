//! A sign that the prompt asks for and rules out: "no emojis", "put a ⚓ in front of each boat".

use super::{Case, Sink};
use crate::component::Component;
use crate::lexicon::vocabulary;
use crate::requirement::Demand;
use crate::trial::first_emoji;
use crate::units::UnitKind;

/// Verbs of an order that sets a sign.
const SETS: [&str; 12] =
    ["put", "use", "mark", "add", "start", "begin", "end", "close", "open", "set", "write", "prefix"];

pub(super) fn run(case: &Case<'_>, sink: &mut Sink<'_>) {
    let bans = |rule: &&crate::requirement::Requirement| {
        !rule.conditional && matches!(rule.demand, Demand::Manner { axis: "emoji", pole: "no emoji" })
    };
    let Some(ban) = case.requirements.iter().find(bans).filter(|rule| rule.part.is_none()) else { return };
    for unit in case.demands().filter(|unit| *unit != ban.unit) {
        let words = case.words_of(unit);
        let text = case.source.text();
        let shape = matches!(case.units[unit].kind, UnitKind::Mark | UnitKind::Code);
        let sample = case.labels[unit].component == Some(Component::Examples);
        let orders = words.first().is_some_and(|word| SETS.contains(&&*word.lower(text)));
        let denied = words.iter().any(|word| word.is(vocabulary::NEGATION));
        if !shape && !sample && orders && !denied && first_emoji(case.text(case.units[unit].text)).is_some() {
            sink.clash(case, case.units[unit].text, ban.span);
            return;
        }
    }
}
