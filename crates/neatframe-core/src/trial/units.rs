//! Measures in a sample that belong to the other system.

/// Signs and names of measures, as they stand behind a number.
const METRIC: [&str; 22] = [
    "km", "km/h", "cm", "mm", "kg", "ml", "°c", "kilometre", "kilometres", "kilometers", "metre", "metres",
    "meters", "centimetres", "centimeters", "kilograms", "kilos", "grams", "litre", "litres", "liters",
    "millilitres",
];
const IMPERIAL: [&str; 18] = [
    "mi", "mph", "miles", "mile", "ft", "feet", "foot", "inches", "inch", "lb", "lbs", "pounds", "oz",
    "ounces", "gallons", "pints", "yards", "°f",
];

/// The first number with a measure of the other system, with no number of the wanted one in the text: where it stands, in bytes,
/// and as it stands. "30 cm (12 inches)" gives both and is left alone.
pub(super) fn other_system<'a>(text: &'a str, pole: &str) -> Option<(usize, &'a str)> {
    let (wanted, other): (&[&str], &[&str]) = match pole {
        "metric" => (&METRIC, &IMPERIAL),
        "imperial" => (&IMPERIAL, &METRIC),
        _ => return None,
    };
    match measured(text, wanted) {
        Some(_) => None,
        None => measured(text, other),
    }
}

/// A number and the measure behind it.
fn measured<'a>(text: &'a str, names: &[&str]) -> Option<(usize, &'a str)> {
    let mut at = 0;
    while let Some(from) = text[at..].find(|c: char| c.is_ascii_digit()).map(|found| at + found) {
        let number = text[from..]
            .find(|c: char| !c.is_ascii_digit() && !matches!(c, '.' | ','))
            .unwrap_or(text.len() - from);
        let rest = &text[from + number..];
        let name = rest.strip_prefix([' ', '-', '\u{a0}']).unwrap_or(rest);
        let length = name.find(|c: char| !c.is_alphabetic() && !matches!(c, '/' | '°')).unwrap_or(name.len());
        let shown = name[..length].to_lowercase();
        // "5 pounds" is as often money.
        if shown != "pounds" && names.contains(&shown.as_str()) {
            let end = text.len() - name.len() + length;
            return Some((from, &text[from..end]));
        }
        at = from + number;
    }
    None
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn measures_of_the_other_system() {
        assert_eq!(other_system("The pier is 30 cm lower.", "imperial"), Some((12, "30 cm")));
        assert_eq!(other_system("The pier is 12 inches (30 cm) lower.", "imperial"), None);
        assert_eq!(
            other_system("It does 9.5 mph at best.", "metric").map(|(_, shown)| shown),
            Some("9.5 mph")
        );
        assert_eq!(other_system("Pier 3 at 9 costs 5 pounds", "metric"), None);
        assert_eq!(other_system("12", "metric"), None);
    }
}
