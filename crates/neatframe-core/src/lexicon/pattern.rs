//! The small pattern language of the lexicon files, expanded to plain word sequences.
//!
//! Compiled into the crate and, by path, into its build script: both read the same language.
//!
//! | written | meaning |
//! |---|---|
//! | `word` | that word, in any letter case; punctuation marks stand alone, as words do |
//! | `(a\|b c)` | one of these |
//! | `word?`, `(a\|b)?` | may be absent |
//! | `words?` | with or without the last `s`; `(words)?` may be absent |
//! | `#` | a number, in digits or words |
//! | `_` | any one word |
//! | `..` | up to four words |
//! | `^` first, `$` last | only at the start, or the end, of a unit |

/// One place of an expanded pattern.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(crate) enum Piece {
    /// A literal word, lower case.
    Word(String),
    /// One of several literal words; never the first piece.
    OneOf(Vec<String>),
    /// A number.
    Number,
    /// Any one word.
    Any,
    /// Up to four words.
    Gap,
}

/// A word sequence to look for.
#[derive(Clone, Debug, PartialEq, Eq)]
pub(crate) struct Expanded {
    /// What stands in order.
    pub(crate) pieces: Vec<Piece>,
    /// Only at the start of a unit.
    pub(crate) at_start: bool,
    /// Only at the end of a unit.
    pub(crate) at_end: bool,
}

/// Expands one written pattern. Errors name what is wrong with it.
pub(crate) fn expand(written: &str) -> Result<Vec<Expanded>, String> {
    let mut text = written.trim();
    let at_start = text.starts_with('^');
    text = text.trim_start_matches('^');
    let at_end = text.ends_with('$');
    text = text.trim_end_matches('$').trim();
    let sequences = expand_sequence(text).map_err(|what| format!("pattern `{written}`: {what}"))?;
    let mut expanded = Vec::new();
    for pieces in sequences {
        match pieces.first() {
            None => {}
            Some(Piece::Word(_) | Piece::Number) => expanded.push(Expanded { pieces, at_start, at_end }),
            // What is looked up first stands alone.
            Some(Piece::OneOf(words)) => {
                for word in words {
                    let pieces = [&[Piece::Word(word.clone())], &pieces[1..]].concat();
                    expanded.push(Expanded { pieces, at_start, at_end });
                }
            }
            Some(_) => return Err(format!("pattern `{written}`: must begin with a word or `#`")),
        }
    }
    Ok(expanded)
}

/// Folds the choices that are a single word into one piece, so that groups do not multiply.
fn folded(choices: Vec<Vec<Piece>>) -> Vec<Vec<Piece>> {
    let (mut words, mut rest) = (Vec::new(), Vec::new());
    for choice in choices {
        match choice.as_slice() {
            [Piece::Word(word)] => words.push(word.clone()),
            [Piece::OneOf(more)] => words.extend(more.iter().cloned()),
            _ => rest.push(choice),
        }
    }
    words.dedup();
    match words.len() {
        0 => {}
        1 => rest.push(vec![Piece::Word(words.swap_remove(0))]),
        _ => rest.push(vec![Piece::OneOf(words)]),
    }
    rest
}

fn expand_sequence(text: &str) -> Result<Vec<Vec<Piece>>, String> {
    let mut done: Vec<Vec<Piece>> = vec![Vec::new()];
    let mut rest = text.trim_start();
    while !rest.is_empty() {
        let (choices, after) = match rest.strip_prefix('(') {
            Some(inner) => {
                let (group, after) = split_group(inner)?;
                let mut choices = Vec::new();
                for choice in group {
                    choices.extend(expand_sequence(choice)?);
                }
                (choices, after)
            }
            None => {
                let end = rest.find(char::is_whitespace).unwrap_or(rest.len());
                let (token, after) = rest.split_at(end);
                let (token, optional) = match token.strip_suffix('?') {
                    Some(word) if !word.is_empty() => (word, true),
                    _ => (token, false),
                };
                let mut choices = vec![words_of(token)];
                match token.strip_suffix('s') {
                    Some(singular) if optional && singular.len() > 1 => choices.push(words_of(singular)),
                    _ if optional => choices.push(Vec::new()),
                    _ => {}
                }
                (choices, after)
            }
        };
        let mut choices = folded(choices);
        let after = match after.strip_prefix('?') {
            Some(after) => {
                choices.push(Vec::new());
                after
            }
            None => after,
        };
        done = done
            .iter()
            .flat_map(|head| choices.iter().map(move |tail| [head.as_slice(), tail.as_slice()].concat()))
            .collect();
        if done.len() > 2048 {
            return Err("expands to more than 2,048 sequences".into());
        }
        rest = after.trim_start();
    }
    Ok(done)
}

/// The choices of a group whose `(` is already taken, and what follows its `)`. Groups nest.
fn split_group(inner: &str) -> Result<(Vec<&str>, &str), String> {
    let (mut depth, mut from, mut choices) = (0, 0, Vec::new());
    for (at, sign) in inner.char_indices() {
        match sign {
            '(' => depth += 1,
            ')' if depth > 0 => depth -= 1,
            ')' => {
                choices.push(&inner[from..at]);
                return Ok((choices, &inner[at + 1..]));
            }
            '|' if depth == 0 => {
                choices.push(&inner[from..at]);
                from = at + 1;
            }
            _ => {}
        }
    }
    Err("a `(` is not closed".into())
}

fn words_of(token: &str) -> Vec<Piece> {
    match token {
        "#" => vec![Piece::Number],
        "_" => vec![Piece::Any],
        ".." => vec![Piece::Gap],
        // A hyphen parts words, as it does in prompts.
        _ => match token.chars().any(char::is_alphanumeric) {
            true => {
                token.split('-').filter(|w| !w.is_empty()).map(|w| Piece::Word(w.to_lowercase())).collect()
            }
            false => vec![Piece::Word(token.to_string())],
        },
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    fn shown(written: &str) -> Vec<String> {
        let piece = |piece: &Piece| match piece {
            Piece::Word(word) => word.clone(),
            Piece::OneOf(words) => words.join("|"),
            Piece::Number => "#".into(),
            Piece::Any => "_".into(),
            Piece::Gap => "..".into(),
        };
        let sequences = expand(written).unwrap();
        sequences.iter().map(|e| e.pieces.iter().map(piece).collect::<Vec<_>>().join(" ")).collect()
    }

    #[test]
    fn groups_and_options_multiply() {
        assert_eq!(shown("a fews?"), ["a fews|few"]);
        assert_eq!(shown("at (most|least) # (words)?"), ["at most|least # words", "at most|least #"]);
        assert_eq!(shown("high-quality"), ["high quality"]);
        assert_eq!(shown("(a|b|c d) e"), ["c d e", "a e", "b e"]);
        assert_eq!(shown("(a|b (c|d))"), ["b c|d", "a"]);
        assert_eq!(shown("(so|very much)? good"), ["very much good", "so good", "good"]);
    }

    #[test]
    fn a_pattern_begins_with_something_to_look_up() {
        assert!(expand(".. foo").is_err());
        assert!(expand("^you are$").unwrap()[0].at_end);
    }
}
