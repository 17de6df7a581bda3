//! Dates and times of day as they are written.

/// A date in figures that is written in another form than asked for.
pub(super) fn other_date<'a>(text: &'a str, form: &str) -> Option<(usize, &'a str)> {
    let shape =
        |token: &str| -> String { token.chars().map(|c| if c.is_ascii_digit() { '9' } else { c }).collect() };
    let wanted: String = form.chars().map(|c| if matches!(c, 'Y' | 'M' | 'D') { '9' } else { c }).collect();
    const FORMS: [&str; 23] = [
        "9999-99-99", "99/99/9999", "99.99.9999", "99-99-9999", "9999/99/99", "9/9/9999", "9/99/9999",
        "99/9/9999", "9.9.9999", "9.99.9999", "99.9.9999", "99/99/99", "99.99.99", "99999999", "9999-9-9",
        "9999-9-99", "9999-99-9", "9/9/99", "99/9/99", "9/99/99", "9.9.99", "99.9.99", "9.99.99",
    ];
    // "12.50.99" is no date.
    let day_and_month = |date: &str| {
        let mut parts = date.split(['/', '.']).filter_map(|part| part.parse::<u32>().ok());
        let (one, two) = (parts.next().unwrap_or(0), parts.next().unwrap_or(0));
        one.min(two) >= 1 && one.min(two) <= 12 && one.max(two) <= 31
    };
    let mut at = 0;
    for token in text.split(|c: char| !(c.is_ascii_digit() || matches!(c, '/' | '.' | '-'))) {
        let start = at;
        at += token.len();
        at += text[at..].chars().next().map_or(0, char::len_utf8);
        let bare = token.trim_matches(['.', '-', '/']);
        let offset = start + token.find(bare).unwrap_or(0);
        let found = shape(bare);
        // Eight bare digits may be any number.
        if found != wanted
            && FORMS.contains(&found.as_str())
            && found != "99999999"
            && (found.len() > 8 || found.contains("9999") || day_and_month(bare))
        {
            return Some((offset, bare));
        }
        let swapped = found == wanted && is_impossible(bare, form);
        if swapped {
            return Some((offset, bare));
        }
    }
    None
}

/// `31/05/2031` read as month and day.
fn is_impossible(date: &str, form: &str) -> bool {
    let at = form.find("MM").unwrap_or(0);
    date.get(at..at + 2).and_then(|month| month.parse::<u32>().ok()).is_some_and(|month| month > 12)
}

/// The first three letters of the months.
const MONTHS: [&str; 12] =
    ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];

/// `3 Feb 2031`, `February 3, 2031`: a date with its month in words, where it stands and its words.
pub(crate) fn spelt_date(text: &str) -> Option<(usize, &str)> {
    let tokens: Vec<(usize, &str)> = text
        .split(|c: char| !c.is_alphanumeric())
        .scan(0, |at, token| {
            let start = *at;
            *at += token.len();
            *at += text[*at..].chars().next().map_or(0, char::len_utf8);
            Some((start, token))
        })
        .filter(|(_, token)| !token.is_empty())
        .collect();
    let month = |token: &str| {
        token.len() >= 3
            && token.chars().all(char::is_alphabetic)
            && token.get(..3).is_some_and(|head| MONTHS.iter().any(|month| head.eq_ignore_ascii_case(month)))
    };
    let day = |token: &str| token.len() <= 2 && token.parse::<u32>().is_ok_and(|day| (1..=31).contains(&day));
    let year = |token: &str| token.len() == 4 && token.parse::<u32>().is_ok();
    tokens.windows(3).find_map(|run| {
        let [(from, one), (_, two), (last, three)] = [run[0], run[1], run[2]];
        let dated = year(three) && (day(one) && month(two) || month(one) && day(two));
        // The three stand on one line, close together.
        let whole = &text[from..last + three.len()];
        (dated && whole.len() <= 20 && !whole.contains('\n')).then_some((from, whole))
    })
}

/// A time of day that is on the other clock: `2:30 pm` where 24 hours are asked for, `14:30` where 12 are.
pub(super) fn other_clock<'a>(text: &'a str, asked: &str) -> Option<(usize, &'a str)> {
    in_figures(text, asked).or_else(|| spoken_time(text).filter(|_| asked == "24-hour clock"))
}

/// Hours as they are said, and the words between which they stand.
const HOURS: [&str; 12] =
    ["one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve"];
const BEFORE: [&str; 4] = ["half past", "half", "quarter past", "quarter to"];
const BEHIND: [&str; 5] = ["o'clock", "o’clock", "in the morning", "in the afternoon", "in the evening"];

/// `six in the morning`, `half past four`: a time in words, which is on no clock of 24 hours.
fn spoken_time(text: &str) -> Option<(usize, &str)> {
    let bounded = |at: usize, end: usize| {
        !text[..at].ends_with(char::is_alphanumeric) && !text[end..].starts_with(char::is_alphanumeric)
    };
    HOURS.iter().find_map(|hour| {
        text.match_indices(hour).find_map(|(at, _)| {
            let end = at + hour.len();
            let head = text[..at].strip_suffix(' ')?;
            let before = BEFORE.iter().find(|lead| head.ends_with(**lead) && **lead != "half");
            let behind = BEHIND
                .iter()
                .find(|tail| text[end..].strip_prefix(' ').is_some_and(|rest| rest.starts_with(**tail)));
            let from = before.map_or(at, |lead| head.len() - lead.len());
            let to = behind.map_or(end, |tail| end + 1 + tail.len());
            let told = before.is_some() || behind.is_some();
            (told && bounded(from, to) && bounded(at, end)).then(|| (from, &text[from..to]))
        })
    })
}

/// A date without a day of the week in front of it or behind it: `3 May`, `May 3`.
pub(super) fn without_weekday(text: &str) -> Option<(usize, &str)> {
    const DAYS: [&str; 7] = ["mon", "tue", "wed", "thu", "fri", "sat", "sun"];
    let named = |word: &str| opens(word, &DAYS) && word.len() != 4;
    let named = text.split(|c: char| !c.is_alphanumeric()).any(named);
    if named { None } else { day_of_a_month(text) }
}

/// True for a word with a capital that begins like one of these.
fn opens(word: &str, names: &[&str]) -> bool {
    word.len() >= 3
        && word.starts_with(char::is_uppercase)
        && word.get(..3).is_some_and(|head| names.iter().any(|name| head.eq_ignore_ascii_case(name)))
}

/// `3 May`, `May 3`, `3 Sept`: a day and a month, whatever stands around.
pub(super) fn day_of_a_month(text: &str) -> Option<(usize, &str)> {
    let words: Vec<(usize, &str)> = text
        .split(|c: char| !c.is_alphanumeric())
        .map(|word| (word.as_ptr() as usize - text.as_ptr() as usize, word))
        .filter(|(_, word)| !word.is_empty())
        .collect();
    let month =
        |word: &str| opens(word, &MONTHS) && NAMES.iter().any(|name| name.starts_with(&word.to_lowercase()));
    let day = |word: &str| word.len() <= 2 && word.parse::<u32>().is_ok_and(|day| (1..=31).contains(&day));
    words.windows(2).find_map(|pair| {
        let [(from, one), (last, two)] = [pair[0], pair[1]];
        let whole = &text[from..last + two.len()];
        let dated = day(one) && month(two) || month(one) && day(two);
        (dated && !whole.contains(['\n', ',', ';', ':']) && whole.len() <= 14).then_some((from, whole))
    })
}

/// The months in full.
const NAMES: [&str; 12] = [
    "january", "february", "march", "april", "may", "june", "july", "august", "september", "october",
    "november", "december",
];

fn in_figures<'a>(text: &'a str, asked: &str) -> Option<(usize, &'a str)> {
    let bytes = text.as_bytes();
    let mut at = 0;
    while at < bytes.len() {
        let digits = bytes[at..].iter().take_while(|byte| byte.is_ascii_digit()).count();
        let free =
            at == 0 || !(bytes[at - 1].is_ascii_alphanumeric() || matches!(bytes[at - 1], b':' | b'.'));
        if digits == 0 || digits > 2 || !free {
            at += digits.max(1);
            continue;
        }
        let hour: u32 = text[at..at + digits].parse().unwrap_or(0);
        let minutes = text[at + digits..].strip_prefix([':', '.']).filter(|rest| {
            rest.len() >= 2
                && rest.as_bytes()[..2].iter().all(u8::is_ascii_digit)
                && !rest.as_bytes().get(2).is_some_and(u8::is_ascii_digit)
        });
        let end = at + digits + if minutes.is_some() { 3 } else { 0 };
        let tail = text[end..].trim_start_matches(' ').to_ascii_lowercase();
        let half = ["am", "pm", "a.m", "p.m"]
            .iter()
            .any(|half| tail.strip_prefix(half).is_some_and(|rest| !rest.starts_with(char::is_alphanumeric)));
        if asked == "24-hour clock" && half && hour <= 12 {
            let length = text[end..].len() - text[end..].trim_start_matches(' ').len() + 2;
            return Some((at, &text[at..end + length]));
        }
        if asked == "12-hour clock" && minutes.is_some() && (13..24).contains(&hour) && bytes[end - 3] == b':'
        {
            return Some((at, &text[at..end]));
        }
        at = end;
    }
    None
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn dates_in_words() {
        assert_eq!(spelt_date("sailed on 3 Feb 2031 at noon"), Some((10, "3 Feb 2031")));
        assert_eq!(spelt_date("February 3, 2031"), Some((0, "February 3, 2031")));
        assert_eq!(spelt_date("3 boats in 2031, 4 may follow"), None);
    }

    #[test]
    fn times_on_the_other_clock() {
        let day = |text| other_clock(text, "24-hour clock").map(|(_, time)| time);
        let half = |text| other_clock(text, "12-hour clock").map(|(_, time)| time);
        assert_eq!((day("at 2:30 pm"), day("at 2pm"), day("at 14:30")), (Some("2:30 pm"), Some("2pm"), None));
        assert_eq!((half("at 14:30"), half("at 2:30 pm"), half("page 14")), (Some("14:30"), None, None));
        assert_eq!(day("I am 12 amps away, 3 amber lamps"), None);
        assert_eq!(day("sails at half past four"), Some("half past four"));
        assert_eq!(day("call before six in the morning"), Some("six in the morning"));
        assert_eq!(day("three boats in the morning, fourteen past noon"), None);
    }

    #[test]
    fn dates_without_a_day_of_the_week() {
        let bare = |text| without_weekday(text).map(|(_, date)| date);
        assert_eq!((bare("due by 3 May."), bare("May 3 at noon")), (Some("3 May"), Some("May 3")));
        assert_eq!((bare("due on Monday, 3 May"), bare("you may take 3 boats")), (None, None));
        assert_eq!(bare("12 Marinas, 3 Junks"), None);
    }
}
