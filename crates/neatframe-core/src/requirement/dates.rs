//! The written form of dates and times of day.

use crate::lexicon::vocabulary;
use crate::trial;
use crate::words::Word;

/// Forms of dates, as prompts name them.
pub(super) const DATES: [&str; 10] = [
    "YYYY-MM-DD", "DD/MM/YYYY", "MM/DD/YYYY", "DD.MM.YYYY", "DD-MM-YYYY", "YYYY/MM/DD", "YYYYMMDD",
    "ISO 8601", "ISO FORM", "ISO DATE",
];

/// "Dates in the form 2031-05-03": the form of a date that is shown.
fn shown(text: &str, words: &[Word], body: &str) -> Option<String> {
    let dates =
        words.iter().position(|word| matches!(&*word.lower(text), "date" | "dates" | "day" | "days"))?;
    let shown = words[dates..].iter().any(|word| {
        matches!(&*word.lower(text), "form" | "format" | "like" | "as" | "write" | "written" | "style")
    });
    let lead = matches!(&*words.first()?.lower(text), "write" | "give" | "put" | "format");
    if let Some(form) = body.split([' ', '"', '`', '“', '”', '(', ')', '\'']).find_map(date_form) {
        return (shown || lead).then_some(form);
    }
    // "Dates follow the form 4 March 1871."
    let (start, date) = trial::spelt_date(body).filter(|_| shown)?;
    // "A date as the end only where the text has one (such as March 4, 1871)" sets no form.
    let before = body[..start].to_lowercase();
    let apart = before.split(|c: char| !c.is_alphanumeric()).filter(|word| !word.is_empty());
    let led = apart
        .rev()
        .take(LED)
        .any(|word| matches!(word, "form" | "format" | "like" | "as" | "style" | "write" | "written"));
    (led && !before.contains('(')).then(|| spelt_form(date).to_string())
}

/// Within how many words a date that is shown follows "like" or "in the form".
const LED: usize = 4;

/// `4 March 1871` gives `D Month YYYY`, `March 4, 1871` gives `Month D, YYYY`.
pub(crate) fn spelt_form(date: &str) -> &'static str {
    if date.starts_with(|c: char| c.is_ascii_digit()) { "D Month YYYY" } else { "Month D, YYYY" }
}

/// `2031-05-03` and `year-month-day` give `YYYY-MM-DD`; `03/05/2031` may be read in two ways and gives nothing.
fn date_form(token: &str) -> Option<String> {
    let token = token.trim_end_matches(['.', ',', ';', ':']);
    let sign = token.chars().find(|c| !c.is_ascii_alphanumeric()).filter(|c| matches!(c, '-' | '/' | '.'))?;
    let parts: Vec<&str> = token.split(sign).collect();
    // `day.month.year`.
    let named = |part: &&str| match &*part.to_lowercase() {
        "day" | "dd" => Some("DD"),
        "month" | "mm" => Some("MM"),
        "year" | "yyyy" => Some("YYYY"),
        _ => None,
    };
    let names: Option<Vec<&str>> = parts.iter().map(named).collect();
    if let Some(names) =
        names.filter(|names| names.len() == 3 && (0..3).all(|at| !names[..at].contains(&names[at])))
    {
        return Some(names.join(&sign.to_string()));
    }
    let digits = parts.iter().all(|part| part.chars().all(|c| c.is_ascii_digit()));
    let above = |part: &str| part.parse::<u32>().is_ok_and(|n| n > 12);
    match parts.iter().map(|part| part.len()).collect::<Vec<_>>()[..] {
        [4, 2, 2] if digits => Some(format!("YYYY{sign}MM{sign}DD")),
        [2, 2, 4] if digits && (above(parts[0]) || sign == '.') => Some(format!("DD{sign}MM{sign}YYYY")),
        [2, 2, 4] if digits && above(parts[1]) => Some(format!("MM{sign}DD{sign}YYYY")),
        _ => None,
    }
}

/// "On the 24-hour clock": a number is no entry of the lexicon, so it is read here.
pub(super) fn clock(text: &str, words: &[Word]) -> Option<&'static str> {
    // "Write times like "3 pm"".
    let times = words.iter().position(|word| matches!(&*word.lower(text), "times" | "time" | "hours"));
    let noon = |word: &Word| matches!(&*word.lower(text), "pm" | "am" | "p.m" | "a.m");
    // "Times on the 24-hour clock, as in 3:15 pm" is about the clock that it names.
    let named = words.iter().any(|word| word.text(text) == "24");
    let halved = |at: usize| words[at..].windows(2).any(|pair| pair[0].is_number() && noon(&pair[1]));
    if times.is_some_and(halved) && !named {
        return Some("12-hour clock");
    }
    // "Write 16:30, not 4:30 pm".
    let shown = words.iter().find_map(|word| {
        let (hour, minute) = word.text(text).split_once(':')?;
        (minute.len() == 2).then(|| hour.parse::<u32>().ok()).flatten()
    });
    let writes = words.first().is_some_and(|word| matches!(&*word.lower(text), "write" | "give" | "show"));
    let denies = words.iter().any(|word| word.is(vocabulary::NEGATION));
    // "Write times as 14:30".
    let as_shown =
        times == Some(1) && words.get(2).is_some_and(|word| matches!(&*word.lower(text), "as" | "like"));
    if writes && (denies || as_shown) && shown.is_some_and(|hour| (13..24).contains(&hour)) {
        return Some("24-hour clock");
    }
    let at = words.windows(3).position(|run| {
        matches!(run[0].text(text), "24" | "12")
            && matches!(&*run[1].lower(text), "hour" | "h")
            && matches!(&*run[2].lower(text), "clock" | "format" | "time" | "times" | "notation" | "form")
    })?;
    let denied = words[..at].iter().any(|word| word.is(vocabulary::NEGATION));
    let day = (words[at].text(text) == "24") != denied;
    Some(if day { "24-hour clock" } else { "12-hour clock" })
}

/// The form that a rule sets for dates, named or shown.
pub(super) fn form(text: &str, words: &[Word], body: &str) -> Option<String> {
    let dated = body.as_bytes().windows(2).any(|pair| pair.eq_ignore_ascii_case(b"YY") || pair == b"SO");
    let upper = if dated { body.to_uppercase() } else { String::new() };
    match DATES.iter().find(|form| upper.contains(*form)) {
        Some(form) => Some((if form.starts_with("ISO") { "YYYY-MM-DD" } else { form }).to_string()),
        None => shown(text, words, body),
    }
}

#[cfg(test)]
mod tests {
    use super::*;
    use crate::words::Words;

    fn read(text: &str) -> Option<String> {
        form(text, Words::read(text, 0).all(), text)
    }

    #[test]
    fn a_form_is_named_or_shown() {
        assert_eq!(read("Dates as YYYY/MM/DD.").as_deref(), Some("YYYY/MM/DD"));
        assert_eq!(read("Give dates in ISO format.").as_deref(), Some("YYYY-MM-DD"));
        assert_eq!(
            read("Dates in the form 2031-05-03; others go to the end.").as_deref(),
            Some("YYYY-MM-DD")
        );
        assert_eq!(read("Write each date like \"24.12.2031\".").as_deref(), Some("DD.MM.YYYY"));
        assert_eq!(read("Write dates like 05/24/2031.").as_deref(), Some("MM/DD/YYYY"));
        assert_eq!(read("Dates follow the form 4 March 1871.").as_deref(), Some("D Month YYYY"));
        assert_eq!(read("Name the boats as of 4 March 1871."), None);
        assert_eq!(read("Write dates like 05/04/2031."), None, "day and month cannot be told apart");
        assert_eq!(read("The boat leaves on 2031-05-03."), None, "a day, not a form");
        let case = "Take a date as the end only where the text gives one (\"until March 4, 1871\").";
        assert_eq!(read(case), None, "a sample of the text, not a form");
    }
}
