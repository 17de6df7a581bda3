//! Passwords and keys in the text: the result holds a slot in their place.

use super::plan::Plan;
use crate::edit::Edit;
use crate::review::Review;
use crate::span::Span;

/// Takes the secrets out.
pub(super) fn take_out(plan: &mut Plan, review: &Review) {
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
        let edit = Edit { span: secret, replacement: format!("{{{{{name}}}}}") };
        if plan.take(std::slice::from_ref(&edit)) {
            let why = "a secret is for the program that makes the call; change it where it is in force";
            plan.tell(review, secret, &edit.replacement, why);
        }
    }
}
