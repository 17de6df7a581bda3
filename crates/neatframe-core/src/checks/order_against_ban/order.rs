//! An order or a prohibition: a verb with its object, and when two of them clash.

use super::kinds;
use crate::lexicon::vocabulary;
use crate::likeness::stem;
use crate::presence::without_the_whole;
use crate::words::Word;
use std::borrow::Cow;

/// A verb with its object, ordered or forbidden.
#[derive(Clone, Default)]
pub(super) struct Order {
    pub(super) unit: usize,
    pub(super) verb: u32,
    pub(super) forbids: bool,
    /// Stems of the object.
    pub(super) object: Vec<u32>,
    /// Those that name a thing by themselves: of "the fare class and the pier", "class" and "pier".
    pub(super) heads: Vec<u32>,
    /// Ordered with "always".
    pub(super) always: bool,
    /// Forbidden with "never", whatever the case.
    pub(super) absolute: bool,
    /// Nothing stands behind the verb.
    pub(super) bare: bool,
    /// Kept because a change is forbidden: "never delete files".
    pub(super) spared: bool,
    /// `every question`, `anyone`, `always`, with nothing that bounds it.
    pub(super) universal: bool,
    /// The object is `it`, `one`, `them`: what the sentence spoke of before.
    pub(super) refers: bool,
    /// A verb of saying: to name, tell or mention a thing is to say it.
    pub(super) says: bool,
    /// The ban ends in "anything".
    pub(super) bans_all: bool,
    /// A condition or an exception stands in the sentence.
    pub(super) conditional: bool,
    /// The sentence bounds the object: `questions that are not about an order`.
    pub(super) bounded: bool,
    /// A thing to put in or to leave out: "add three hashtags", "no hashtags".
    pub(super) uses: bool,
    /// It tells how a thing works, and not only what it is.
    pub(super) explains: bool,
    /// It compares what is written of with another.
    pub(super) compares: bool,
    /// All of them are kept, though each may change: "keep all rules".
    pub(super) whole: bool,
    /// Put into other words, none of it cut.
    pub(super) rewords: bool,
    /// Forbidden by being cut: "cut the quotation".
    pub(super) drops: bool,
    /// Where the thing goes, or stays away from: "out of the summary", "in the title".
    pub(super) place: Option<u32>,
    /// Every stem of the clause.
    pub(super) all: Vec<u32>,
    /// Whose the object is: `dishes` in "the names of all dishes".
    pub(super) owner: Option<u32>,
    /// What a guest is told: the stems behind "that", "how" or "about".
    pub(super) told: Vec<u32>,
}

impl Order {
    pub(super) fn clashes(&self, other: &Order) -> bool {
        if self.forbids == other.forbids {
            // "If one differs, write a new caption", "always write a new caption".
            let (case, firm) = if self.conditional { (self, other) } else { (other, self) };
            return !self.forbids
                && case.conditional
                && !firm.conditional
                && firm.always
                && !firm.bounded
                && !firm.object.is_empty()
                && firm.object == case.object;
        }
        let (order, ban) = if self.forbids { (other, self) } else { (self, other) };
        if order.whole && ban.rewords {
            return false;
        }
        if ban.bans_all && (!order.universal || !ban.bounded && !ban.says) {
            return true;
        }
        let both_say = ban.says && order.says;
        // "Never name a drug", "tell the guest which painkiller to take".
        let named = order.heads.iter().chain(&order.told);
        // Of "corrected code" a "corrected function" is one, and no other.
        let kind_of = |one: u32| {
            ban.object.iter().enumerate().any(|(at, kind)| {
                kinds::is_of(one, *kind) && ban.object[..at].iter().all(|which| order.all.contains(which))
            })
        };
        let of_the_kind = named.clone().any(|one| kind_of(*one));
        // "Never reveal the floor", "if the guest asks for the floor, tell it".
        let spoken_of = order.refers && ban.object.len() == 1 && order.object.last() == ban.object.first();
        // "Never hold a parcel", "if the van is full, hold the parcel".
        let knows_no_case = ban.absolute
            && !ban.bounded
            && !ban.conditional
            && !ban.object.is_empty()
            && (order.object.starts_with(&ban.object)
                || of_the_kind
                || both_say && (ban.object.first() == order.object.first() || spoken_of));
        // "Never threaten", "if the landlord is silent, threaten with a lawyer".
        let never = ban.absolute && ban.bare && !ban.says && !ban.conditional && !order.bare;
        if order.conditional && (knows_no_case || never) && !order.uses {
            return true;
        }
        // "Do not explain the code", "reply with the code".
        let explained = [stem("explanation"), stem("description")];
        let only_given =
            ban.explains && !order.explains && !order.all.iter().any(|word| explained.contains(word));
        if order.conditional || ban.conditional || only_given || are_contrary(&order.object, &ban.object) {
            return false;
        }
        // "Do not speculate", "speculate about what comes next".
        // "Never mention competitors", "compare it with Tern Lines".
        if order.compares && ban.says && !ban.bounded && ban.object.last() == Some(&stem("competitor")) {
            return true;
        }
        // "Translate." is the work, and some things stay as they are in it.
        let works = ban.verb == stem("keep") && !order.bare;
        if ban.bare && !ban.says && !works && (!order.all.is_empty() || order.bare) {
            return true;
        }
        // "The purchase price", "the retail price": two prices.
        let another = |pair: &[u32]| pair[1] == ban.object[1] && pair[0] != ban.object[0];
        let two_of_a_kind = ban.object.len() == 2
            && !order.object.contains(&ban.object[0])
            && order.object.windows(2).any(another);
        if two_of_a_kind {
            return false;
        }
        let told = |head: &u32| order.object.contains(head) || order.told.contains(head);
        // "Never mention author names", "name the author".
        let named = match &*ban.object {
            [.., whose, name] if *name == stem("name") => Some(whose),
            object => object.last(),
        };
        if !ban.bounded && (of_the_kind || both_say && named.is_some_and(told)) {
            return true;
        }
        let shared = ban.object.iter().filter(|stem| order.object.contains(stem)).count();
        let holds = |ban: &Order, stems: &[u32]| ban.object.iter().all(|stem| stems.contains(stem));
        // "Never delete files", "delete files that are older".
        if order.spared
            && order.absolute
            && ban.verb == order.verb
            && ban.object == order.object
            && shared > 0
        {
            return true;
        }
        // "Keep the names, the years and the quotation", "cut the quotation".
        if ban.drops && !ban.object.is_empty() && !ban.bounded && !order.bounded && holds(ban, &order.all) {
            return true;
        }
        if shared == 0 {
            return false;
        }
        let differ = |pair: Option<(u32, u32)>| pair.is_some_and(|(one, other)| one != other);
        if differ(order.place.zip(ban.place)) || differ(order.owner.zip(ban.owner)) {
            return false;
        }
        if order.uses || ban.uses {
            // "No version numbers", "the number of the version".
            let named = holds(ban, &order.object) || ban.object.len() >= 2 && holds(ban, &order.all);
            return order.uses && ban.uses && !ban.bounded && named;
        }
        // "Do not explain the code", "explain each step of the code".
        let within = order.universal && !ban.bounded && !ban.refers && holds(ban, &order.all);
        let named = ban.object.len() >= 2 && !ban.bounded && !order.bounded && holds(ban, &order.object);
        // "Do not offer refunds", "offer a full refund".
        let kind = order.object.len() == 2
            && ban.object.len() == 1
            && !ban.bounded
            && order.object.last() == ban.object.last()
            && KINDS.iter().any(|kind| order.object[0] == stem(kind));
        // All that is forbidden is ordered, or everything of its kind is.
        let same = shared == ban.object.len() && shared == order.object.len() && !ban.bounded;
        let all = order.universal && order.object.first().is_some_and(|head| ban.object.contains(head));
        let none = ban.universal && ban.object.first().is_some_and(|head| order.object.contains(head));
        same || all
            || kind
            || named
            || within
            || none
            || ban.refers && order.object.first().is_some_and(|head| ban.object.contains(head))
    }
}

/// Words that say of what kind a thing is, and leave it that thing.
const KINDS: [&str; 18] = [
    "first", "last", "full", "partial", "short", "brief", "small", "big", "large", "new", "free", "clear",
    "simple", "detailed", "long", "complete", "quick", "special",
];

/// "Whole points" are given where "half points" are not.
fn are_contrary(one: &[u32], two: &[u32]) -> bool {
    const CONTRARY: [(&str, &str); 12] = [
        ("half", "whole"),
        ("new", "old"),
        ("internal", "external"),
        ("private", "public"),
        ("real", "invented"),
        ("full", "short"),
        ("long", "short"),
        ("first", "last"),
        ("exact", "rough"),
        ("upper", "lower"),
        ("raw", "rounded"),
        ("open", "closed"),
    ];
    one.len() >= 2
        && two.len() >= 2
        && CONTRARY.iter().any(|(left, right)| {
            let (left, right) = (stem(left), stem(right));
            one.contains(&left) && two.contains(&right) || one.contains(&right) && two.contains(&left)
        })
}

/// Verbs for what happens to a thing that is not kept.
const CHANGES: [&str; 18] = [
    "scale", "rescale", "recalculate", "resize", "edit", "improve", "shorten", "revise", "rework",
    "translate", "change", "alter", "replace", "delete", "rename", "rewrite", "rephrase", "reword",
];
/// Verbs for what is not said.
const LEAVES_OUT: [&str; 4] = ["omit", "exclude", "skip", "drop"];

/// Words for how a thing is done: "do not quote directly" says nothing of "answer directly".
const HOW: [&str; 3] = ["directly", "literally", "openly"];

/// Verbs of saying.
const SAYS: [&str; 19] = [
    "print", "citing", "cite", "credit", "quote", "reveal", "disclose", "share", "say", "mention", "name",
    "tell", "give", "state", "explain", "list", "describe", "report", "show",
];

pub(super) fn order(
    text: &str,
    unit: usize,
    words: &[Word],
    (verb, spoken): (Word, &str),
    clause: &[Word],
    (forbids, always): (bool, bool),
) -> Order {
    // "Never mention prices in the reply": nowhere. A summary, or the text beside a table, may be a part.
    let part = clause.last().is_some_and(|word| {
        matches!(
            &*word.lower(text),
            "text" | "summary" | "description" | "digest" | "report" | "minutes" | "page" | "total"
        )
    });
    let clause = if forbids && !part { without_the_whole(text, clause) } else { clause };
    let lower: Vec<Cow<str>> = clause.iter().map(|word| word.lower(text)).collect();
    let all = ["every", "any", "all", "anyone", "anybody", "everyone", "everybody", "whoever", "each"];
    let bound = [
        "that", "which", "who", "about", "if", "when", "without", "for", "of", "with", "from", "in", "on",
        "as", "other", "than", "beyond", "besides", "into", "before", "after", "until",
    ];
    let universal = always || lower.iter().take(6).any(|word| all.contains(&&**word));
    // "Rewrite all paragraphs in a bolder voice" leaves none as it is.
    let manner = |word: &str| word == "in" && CHANGES.contains(&spoken);
    let narrows = lower.iter().skip(1).any(|word| {
        bound.contains(&&**word)
            && word != "of"
            && !manner(word)
            && !(word == "into" && CHANGES.contains(&spoken))
    });
    let asks =
        lower.iter().take(8).any(|word| matches!(&**word, "anyone" | "anybody" | "everyone" | "everybody"));
    let universal = universal && (asks || !narrows);
    // "Turn dialect into standard language": what it becomes bounds nothing.
    let turned = matches!(spoken, "turn" | "convert") || CHANGES.contains(&spoken);
    // "Ask two questions before you start" says when.
    let when = |word: &str| !forbids && matches!(word, "before" | "after" | "until");
    let bounds = |word: &Cow<'_, str>| {
        bound.contains(&&**word) && !when(word) && !(turned && matches!(&**word, "into" | "to"))
    };
    // "Translate the title as well" bounds nothing.
    let as_well = |at: usize| lower[at] == "as" && lower.get(at + 1).is_some_and(|next| next == "well");
    let bounded = !asks && (1..lower.len()).any(|at| bounds(&lower[at]) && !as_well(at));
    // "The user's location" is the location, "end the chat yourself" is to end it.
    let aside = |word: &Word| {
        let lower = word.lower(text);
        let owner = lower.strip_suffix("'s").map(|owner| vocabulary::find(owner.as_bytes()));
        owner.is_some_and(|id| vocabulary::flags(id) & vocabulary::PERSON != 0)
            || lower == "yourself"
            || forbids && HOW.contains(&&*lower)
    };
    let meaning = |word: &&Word| {
        !word.is_punctuation()
            && !word.is_number()
            && !word.is(vocabulary::STOP | vocabulary::NEGATION)
            && !aside(word)
    };
    // "Never send the question to a source": whom it is sent to is not what is sent.
    let hands = matches!(
        spoken,
        "send"
            | "give"
            | "pass"
            | "forward"
            | "hand"
            | "mail"
            | "show"
            | "offer"
            | "grant"
            | "promise"
            | "suggest"
            | "propose"
    );
    // "Group the results by country", "ask for the password to verify the guest": the results, the password.
    let says_how = |lower: &str| !forbids && matches!(lower, "by" | "to" | "within" | "during");
    let head = clause.iter().take_while(|word| {
        let lower = word.lower(text);
        // "Never tell the answer to a riddle", "never tell the fare to a guest".
        let to = lower == "to" && (hands || forbids && SAYS.contains(&spoken));
        !(bound.contains(&&*lower) || lower == "," || says_how(&lower) || to)
    });
    let head: Vec<&Word> = head.collect();
    let ends = |at: usize| head.get(at + 1).is_none_or(|next| !meaning(next));
    let heads = (0..head.len()).filter(|&at| meaning(&head[at]) && ends(at));
    let heads = heads.map(|at| stem(&head[at].lower(text))).collect();
    let mut object: Vec<u32> = head.into_iter().filter(meaning).map(|word| stem(&word.lower(text))).collect();
    // "Say that the desk sets it" points at nothing that was named.
    let leads = lower.first().is_some_and(|word| word == "that")
        && clause.get(1).is_some_and(|next| !next.is_punctuation());
    let refers = object.is_empty()
        && !leads
        && lower.first().is_some_and(|word| ["one", "it", "them", "any", "this", "that"].contains(&&**word));
    if refers {
        // "Refunds are for supervisors only, so never give one."
        let before = words.iter().take_while(|word| word.start < verb.start).filter(meaning);
        let things = before.filter(|word| !word.is(vocabulary::VERB));
        object.extend(things.map(|word| stem(&word.lower(text))));
    }
    let says = SAYS.contains(&spoken);
    // To translate or cut a thing is not to keep it; to leave it out is not to say it.
    let changes = CHANGES.contains(&spoken)
        || matches!(spoken, "turn" | "convert") && lower.iter().any(|word| word == "into" || word == "to");
    let leaves_out =
        LEAVES_OUT.contains(&spoken) || spoken == "leave" && lower.first().is_some_and(|word| word == "out");
    // "List them, but exclude them from the sum": they are left out of one thing, whatever was named before.
    if refers && LEAVES_OUT.contains(&spoken) && lower.iter().any(|word| word == "from") {
        object.clear();
    }
    // "Leave the second paragraph as it is": it is kept.
    let kept = spoken == "leave"
        && (lower.windows(3).any(|run| {
            run[0] == "as" && matches!(&*run[1], "it" | "they") && matches!(&*run[2], "is" | "are")
        }) || lower.iter().any(|word| matches!(&**word, "unchanged" | "untouched")));
    let spared = forbids && changes;
    let forbids = forbids != (changes || leaves_out);
    let verb = stem(match spoken {
        _ if says || leaves_out || !forbids && matches!(spoken, "compare" | "contrast") => "say",
        "preserve" | "retain" => "keep",
        "request" => "ask",
        "promise" | "grant" | "suggest" | "propose" | "recommend" => "offer",
        _ if kept => "keep",
        _ if changes => "keep",
        verb => verb,
    });
    // To compare with others is to speak of them.
    let compares = !forbids && matches!(spoken, "compare" | "contrast");
    if compares {
        object = clause.iter().filter(meaning).map(|word| stem(&word.lower(text))).collect();
    }
    // "Keep each label under 45 words" bounds a label and preserves none.
    let bounds = ["under", "below", "within", "between", "to", "at", "short", "brief"];
    if spoken == "keep" && lower.iter().skip(1).any(|word| bounds.contains(&&**word)) {
        object.clear();
    }
    let says = says || leaves_out || compares;
    let owner = lower.iter().take(6).position(|word| word == "of").and_then(|of| {
        let ends = |word: &&Word| {
            let lower = word.lower(text);
            !word.is_punctuation() && !bound.contains(&&*lower) && !matches!(&*lower, "and" | "or" | "but")
        };
        clause[of + 1..].iter().take_while(ends).filter(meaning).last()
    });
    Order {
        unit,
        verb,
        says,
        forbids,
        heads,
        object,
        universal,
        refers,
        bounded,
        spared,
        explains: matches!(spoken, "explain" | "describe"),
        compares: compares
            && clause.windows(2).any(|pair| {
                matches!(&*pair[0].lower(text), "with" | "to" | "against")
                    && pair[1].text(text).starts_with(char::is_uppercase)
            }),
        all: clause.iter().filter(meaning).map(|word| stem(&word.lower(text))).collect(),
        told: told(text, clause).iter().filter(meaning).map(|word| stem(&word.lower(text))).collect(),
        owner: owner.map(|word| stem(&word.lower(text))),
        ..Order::default()
    }
}

/// The subject of what is told: "tell the guest that the lift is out of order".
fn told<'a>(text: &str, clause: &'a [Word]) -> &'a [Word] {
    const LEADS: [&str; 6] = ["that", "how", "why", "about", "whether", "which"];
    let Some(at) = clause.iter().position(|word| LEADS.contains(&&*word.lower(text))) else { return &[] };
    let subject = &clause[at + 1..];
    let end = subject.iter().position(|word| word.is_punctuation() || word.is(vocabulary::FINITE));
    &subject[..end.unwrap_or(subject.len()).min(5)]
}
