//! Tokens that are paid for at every call.

use super::{Case, Check, Meta, Sink};
use crate::component::Component;
use crate::finding::{Family, Severity};
use crate::span::Span;

/// A facts sheet of some 4,000 bytes, written out line by line.
macro_rules! facts {
    ($($boat:literal)*) => {
        concat!("Write the notice for {{pier}}.\n\n# Facts\n\n", $("The ", $boat, " was built at the old yard for the outer islands and has carried guests, mail and milk ever since.\n"),*)
    };
}

const LONG: &str = facts!("Merle" "Heron" "Dunlin" "Plover" "Curlew" "Godwit" "Knot" "Ruff" "Stint" "Whimbrel" "Avocet" "Gannet" "Fulmar" "Petrel"
    "Skua" "Tern" "Gull" "Kittiwake" "Puffin" "Razorbill" "Guillemot" "Shag" "Eider" "Scoter" "Smew" "Teal" "Wigeon" "Pintail" "Gadwall" "Shoveler"
    "Pochard" "Grebe" "Diver" "Bittern" "Egret" "Spoonbill" "Crane" "Rail" "Crake" "Coot" "Dotterel" "Lapwing" "Snipe" "Turnstone");

/// More tokens than the house allows.
pub(super) struct OverBudget;

static OVER: Meta = Meta {
    id: "over-budget",
    family: Family::Cost,
    severity: Severity::Error,
    summary: "more tokens than the house allows, layers included",
    write: "Fewer words, or a larger budget that somebody has agreed to.",
    on: true,
    english: false,
    why: "The budget was set for a reason: every token is paid for at every call.",
    bad: &[LONG],
    good: &["Write the notice."],
};

impl Check for OverBudget {
    fn meta(&self) -> &'static Meta {
        &OVER
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let sent: usize = case.layers.iter().map(|layer| layer.tokens()).sum();
        let total = case.ledger.total + sent;
        let end = Span::new(case.source.text().len(), case.source.text().len());
        if let Some(limit) = case.settings.limits.tokens.filter(|&limit| total > limit) {
            let with = if sent > 0 { format!(", {sent} of them sent along") } else { String::new() };
            let message = format!("{total} tokens{with}; the budget is {limit}");
            sink.report(
                end,
                message,
                format!("save {} tokens: `neatframe tokens` shows what each part costs", total - limit),
            );
        }
        let Some(limit) = case.settings.limits.part_tokens else { return };
        for component in Component::ALL {
            let tokens = case.ledger.by_component[component.index()];
            if tokens > limit {
                let message =
                    format!("{tokens} tokens of {}; the budget for one part is {limit}", component.name());
                sink.report(end, message, format!("save {} tokens there", tokens - limit));
            }
        }
    }
}

/// One part takes most of the tokens and is hardly used.
pub(super) struct HeavyPart;

static HEAVY: Meta = Meta {
    id: "heavy-part",
    family: Family::Cost,
    severity: Severity::Note,
    summary: "background or samples that take nearly all tokens of a long prompt",
    write: "What the task uses.",
    on: true,
    english: false,
    why: "What is not used for an answer is paid for all the same, and the rules get lost beside it.",
    bad: &[LONG],
    good: &["Write the notice. Two ferries sail to the outer islands every day of the week."],
};

/// Tokens from which a part is heavy.
const HEAVY_TOKENS: usize = 2000;
/// The share of the prompt from which it is, in percent.
const HEAVY_SHARE: usize = 80;

impl Check for HeavyPart {
    fn meta(&self) -> &'static Meta {
        &HEAVY
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        for component in [Component::Context, Component::Examples] {
            let tokens = case.ledger.by_component[component.index()];
            if tokens < HEAVY_TOKENS || tokens * 100 < case.ledger.total * HEAVY_SHARE {
                continue;
            }
            let Some(unit) = case.labels.iter().position(|label| label.component == Some(component)) else {
                continue;
            };
            let share = tokens * 100 / case.ledger.total.max(1);
            let message = format!("{} takes {tokens} tokens, {share} % of the prompt", component.name());
            sink.report(
                case.units[unit].text,
                message,
                "keep what the task uses; send the rest only when it is needed",
            );
        }
    }
}

/// Text that stays the same at every call and could be a layer.
pub(super) struct ResentText;

static RESENT: Meta = Meta {
    id: "resent-text",
    family: Family::Cost,
    severity: Severity::Note,
    summary: "a long stable text behind the first slot, which no cache can hold",
    write: "Stable text first, slots last.",
    on: false,
    english: false,
    why: "Caches hold the longest stable head of a prompt; what stands behind a slot is paid for in full at every call.",
    bad: &[LONG],
    good: &["Write the notice for {{pier}}."],
};

/// Bytes of stable text behind the first slot from which it is worth a remark; some 1,000 tokens.
const RESENT_BYTES: usize = 4000;

impl Check for ResentText {
    fn meta(&self) -> &'static Meta {
        &RESENT
    }

    fn run(&self, case: &Case<'_>, sink: &mut Sink<'_>) {
        let Some(first) = case.slots.first() else { return };
        let behind = case.source.text().len() - first.span.end();
        if behind > RESENT_BYTES {
            let message = format!("{behind} bytes stand behind the first slot, `{}`", case.text(first.span));
            sink.report(first.span, message, "move the slots to the end, or what is stable into a layer");
        }
    }
}
