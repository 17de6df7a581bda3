//! Passwords, keys and private data in the text: the result holds a slot in their place.

use super::plan::Plan;
use crate::edit::Edit;
use crate::review::Review;
use crate::slots;
use crate::span::Span;

/// Takes the secrets out.
pub(super) fn take_out(plan: &mut Plan, review: &Review) {
    let syntax = slots::usual(review.slots());
    for finding in review.findings().iter().filter(|finding| finding.check == "credential") {
        let words = review.source().slice(finding.span);
        // `password Gull-Quay-1187`, `login is purser / Gull-77`: the secret is the last of it.
        let from = words.rfind(|c: char| c.is_whitespace() || matches!(c, '=' | '"' | '\'' | '`'));
        let secret = Span::within(
            finding.span,
            from.map_or(0, |at| at + 1),
            words.len() - from.map_or(0, |at| at + 1),
        );
        if secret.is_empty() || !words.is_char_boundary(secret.start() - finding.span.start()) {
            continue;
        }
        // What is joined to it belongs to it: "4417#".
        let rest = &review.source().text()[secret.end()..];
        let joined =
            rest.find(|c: char| c.is_whitespace() || ".,;:!?)\"'”`".contains(c)).unwrap_or(rest.len());
        let secret = Span::new(secret.start(), secret.end() + joined);
        let label = words[..secret.start() - finding.span.start()].to_lowercase();
        let named = ["password", "passphrase", "passcode", "pin", "token", "key", "code"];
        let name = named.iter().find(|name| label.contains(*name)).unwrap_or(&"credential");
        let name = if label.contains("login") { "password" } else { name };
        let edit = Edit { span: secret, replacement: syntax.write(name) };
        if plan.take(std::slice::from_ref(&edit)) {
            let why = "a secret is for the program that makes the call; change it where it is in force";
            plan.tell(review, secret, &edit.replacement, why);
        }
    }
    for finding in review.findings().iter().filter(|finding| finding.check == "private-data") {
        let words = review.source().slice(finding.span);
        if !is_data_alone(words) && !is_a_file(words) {
            let why = "a person's data is sent only where the work needs it; the slot takes it then";
            for (span, name) in data_among(finding.span, words) {
                let edit = Edit { span, replacement: syntax.write(name) };
                if plan.take(std::slice::from_ref(&edit)) {
                    plan.tell(review, span, &edit.replacement, why);
                }
            }
            continue;
        }
        // A bracket that opens in it closes with it.
        let open = words.matches('(').count() > words.matches(')').count();
        let rest = &review.source().text()[finding.span.end()..];
        let line = rest.lines().next().unwrap_or("");
        let closed = line.find(')').filter(|at| open && *at <= DATA && !line[..*at].contains('('));
        let span = Span::new(finding.span.start(), finding.span.end() + closed.map_or(0, |at| at + 1));
        let edit = Edit { span, replacement: syntax.write("person") };
        if plan.take(std::slice::from_ref(&edit)) {
            let why = "a person's data is sent only where the work needs it; the slot takes it then";
            plan.tell(review, span, &edit.replacement, why);
        }
    }
}

/// How much more of a bracket with somebody's data is taken along, in bytes.
const DATA: usize = 120;

/// Words before a number that is somebody's own.
const NUMBERS: [&str; 11] =
    ["phone", "mobile", "tel", "telephone", "cell", "born", "account", "card", "iban", "policy", "passport"];

/// True for a name, an address and numbers with their labels; false where more is told, such as an illness that the work is about.
fn is_data_alone(words: &str) -> bool {
    words.starts_with(char::is_uppercase) && parts(words).all(is_plain)
}

/// True for a name, a number and what stands before or between them.
fn is_plain(word: &str) -> bool {
    const BETWEEN: [&str; 6] = ["number", "no", "of", "date", "birth", "and"];
    word.starts_with(|c: char| c.is_uppercase() || c.is_ascii_digit())
        || NUMBERS.contains(&word)
        || BETWEEN.contains(&word)
}

/// "Nora Quayle, 14 Harbour Rise, has a sore knee, insurance no. 5512 0081": the person, and the numbers, each by its place and the
/// name of its slot; what else is told may be what the work is about.
fn data_among(whole: Span, words: &str) -> Vec<(Span, &'static str)> {
    const LABELS: [(&str, &str); 9] = [
        ("phone", "phone"),
        ("mobile", "phone"),
        ("tel", "phone"),
        ("insurance", "insurance_number"),
        ("account", "account"),
        ("policy", "policy_number"),
        ("passport", "passport_number"),
        ("ahv", "ahv_number"),
        ("nhs", "nhs_number"),
    ];
    let mut found: Vec<(Span, &'static str)> = Vec::new();
    let mut at = 0;
    let mut leads = true;
    for part in words.split(", ") {
        let span = Span::within(whole, at, part.len());
        at += part.len() + ", ".len();
        let digit = |c: char| c.is_ascii_digit();
        let labelled = part
            .split(|c: char| !c.is_alphanumeric())
            .find_map(|word| LABELS.iter().find(|(label, _)| word.eq_ignore_ascii_case(label)));
        let alone = is_data_alone(part) || part.starts_with("born ") && parts(part).all(is_plain);
        if leads && alone {
            // A name, and what of the person stands right behind it.
            match found.first_mut() {
                Some((person, _)) => *person = person.cover(span),
                None => found.push((span, "person")),
            }
            continue;
        }
        leads = false;
        if found.is_empty() {
            return found;
        }
        // "Her mail is nora@quayle.example".
        let mail = part.split_whitespace().find(|token| token.contains('@'));
        if let Some(mail) = mail.map(|token| token.trim_matches(|c: char| !c.is_alphanumeric())) {
            let from = part.find(mail).unwrap_or(0);
            found.push((Span::within(span, from, mail.len()), "email"));
        } else if let (Some((_, slot)), Some(from), Some(last)) =
            (labelled, part.find(digit), part.rfind(digit))
        {
            found.push((Span::within(span, from, last + 1 - from), slot));
        } else if part.starts_with(digit) && part.contains(' ') && parts(part).all(is_plain) {
            found.push((span, "address"));
        }
    }
    found
}

/// "(born 14 March 1958, mobile 0555 010 233, owes 1940, off work)": as much as this comes from a file, and no work needs all of it.
fn is_a_file(words: &str) -> bool {
    parts(words).filter(|word| NUMBERS.contains(word)).count() >= 2
}

/// The words beside an address for mail, which is data as a whole.
fn parts(words: &str) -> impl Iterator<Item = &str> {
    words
        .split_whitespace()
        .filter(|token| !token.contains('@'))
        .flat_map(|token| token.split(|c: char| !c.is_alphanumeric()))
        .filter(|word| !word.is_empty())
}

#[cfg(test)]
mod tests {
    use crate::reframe::tests::reframed;

    #[test]
    fn private_data_gives_way_to_a_slot() {
        let out = reframed(
            "Write to Nora Quayle, 14 Harbour Rise, phone 0555 010 883, about her lost scarf. Name the pier.",
        );
        assert!(out.text.contains("Write to {{person}}, about her lost scarf."), "{}", out.text);
        assert!(out.notes.iter().any(|note| note.words.contains("0555 010 883")), "{:?}", out.notes);
        let file = reframed(
            "Warn the guest of the late boat: Nora Quayle (born 3 May 1961, mobile 0555 010 883, off work with gout).",
        );
        assert!(file.text.contains("late boat: {{person}}."), "{}", file.text);
        let mail = reframed(
            "A guest lost her scarf, she is Nora Quayle, her mail is n.quayle@lakemail.example.\n\nWrite her a note.",
        );
        assert!(mail.text.contains("{{email}}") && !mail.text.contains('@'), "{}", mail.text);
        let needed = "The guest is Nora Quayle, diagnosed with diabetes; write her menu.";
        assert!(reframed(needed).text.contains("diabetes"));
    }
}
