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
        if !is_data_alone(review.source().slice(finding.span)) {
            continue;
        }
        let edit = Edit { span: finding.span, replacement: syntax.write("person") };
        if plan.take(std::slice::from_ref(&edit)) {
            let why = "a person's data is sent only where the work needs it; the slot takes it then";
            plan.tell(review, finding.span, &edit.replacement, why);
        }
    }
}

/// True for a name, an address and numbers with their labels; false where more is told, such as an illness that the work is about.
fn is_data_alone(words: &str) -> bool {
    const LABELS: [&str; 17] = [
        "phone", "mobile", "tel", "telephone", "cell", "born", "account", "card", "iban", "number", "no",
        "of", "date", "birth", "and", "policy", "passport",
    ];
    let plain = |word: &str| {
        word.starts_with(|c: char| c.is_uppercase() || c.is_ascii_digit()) || LABELS.contains(&word)
    };
    let mut each = words.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty());
    words.starts_with(char::is_uppercase) && each.all(plain)
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
        let needed = "The guest is Nora Quayle, diagnosed with diabetes; write her menu.";
        assert!(reframed(needed).text.contains("diabetes"));
    }
}
