//! Lists that stand far in, as they do in the source code of a program: below a new heading they begin at the margin.

use std::borrow::Cow;

/// From so many blanks on a list below a heading would be read as code.
const FAR: usize = 4;

fn blanks(line: &str) -> usize {
    line.len() - line.trim_start_matches(' ').len()
}

/// How many blanks stand in front of every line of a prompt, its first line apart: those of the program that it was taken from.
pub(super) fn margin(prompt: &str) -> usize {
    let told = |line: &&str| !line.trim().is_empty();
    let least = prompt.lines().filter(told).skip(1).map(blanks).min().unwrap_or(0);
    if least < FAR { 0 } else { least }
}

/// The text with at most so many blanks taken off in front of each line.
pub(super) fn without_margin(body: &str, margin: usize) -> Cow<'_, str> {
    if margin == 0 {
        return Cow::Borrowed(body);
    }
    Cow::Owned(body.split_inclusive('\n').map(|line| &line[blanks(line).min(margin)..]).collect())
}

/// The text with the blanks taken off that all lines of a list have in front of them, whatever its first line is.
pub(super) fn dedented(body: &str) -> Cow<'_, str> {
    let told = |line: &&str| !line.trim().is_empty();
    let first = body.lines().find(told).map_or(0, blanks);
    let rest = || body.lines().filter(told).skip(usize::from(first < FAR));
    let least = rest().map(blanks).min().unwrap_or(0);
    let listed = rest().next().is_some_and(|line| is_item(line.trim_start()));
    if least < FAR || !listed || body.contains("```") {
        return Cow::Borrowed(body);
    }
    let cut = |line: &str| line.get(least..).filter(|_| blanks(line) >= least).unwrap_or(line).to_string();
    let lines = body.split_inclusive('\n').map(cut);
    Cow::Owned(lines.collect())
}

fn is_item(line: &str) -> bool {
    let numbered = line.trim_start_matches(|c: char| c.is_ascii_digit());
    line.starts_with(['-', '*', '•']) || numbered.len() < line.len() && numbered.starts_with(['.', ')'])
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn lists_begin_at_the_margin() {
        let body = "## Always\n        - Name the pier.\n            - Its number as well.\n\n        - Name the boat.";
        assert_eq!(
            dedented(body),
            "## Always\n- Name the pier.\n    - Its number as well.\n\n- Name the boat."
        );
        assert_eq!(dedented("      1. One\r\n      2. Two\r\n"), "1. One\r\n2. Two\r\n");
    }

    #[test]
    fn a_prompt_from_a_program_loses_its_margin() {
        let prompt = "\n        Name the pier.\n\n            Its number.\n        Stop.";
        assert_eq!(margin(prompt), 8);
        assert_eq!(margin("Name it.\n  - pier"), 0);
        assert_eq!(without_margin("Name it.\n            Its number.\n", 8), "Name it.\n    Its number.\n");
    }

    #[test]
    fn other_lines_stay() {
        for body in [
            "- One\n  - Two\n",
            "Run this:\n    def run():\n        pass\n",
            "- One\n    ```\n    x\n    ```\n",
            "",
        ] {
            assert_eq!(dedented(body), body);
        }
    }
}
