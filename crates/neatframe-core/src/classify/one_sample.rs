//! One long sample at the end of a prompt, with no fence around it: "Example:", "User request:", "Example response:".

use super::{Reading, bounds, handover, holds_a_slot};
use crate::outline::is_sample_title;
use crate::samples::names_an_answer;
use crate::units::UnitKind;

/// The most units between the title of the sample and the label of its answer.
const LONG: usize = 80;

/// Marks in `inside` what stands behind the title of a sample that labels an input and "Example response:", to the end of the text.
pub(super) fn up_to_the_end(reading: &Reading<'_>, inside: &mut [bool]) {
    let text = |at: usize| reading.source.slice(reading.units[at].text);
    let label =
        |at: usize| reading.units[at].kind == UnitKind::Mark && text(at).trim_end_matches('*').ends_with(':');
    let Some(title) = (0..reading.units.len()).find(|at| label(*at) && is_sample_title(text(*at))) else {
        return;
    };
    let mut near = title + 1..reading.units.len().min(title + LONG);
    let answer = |at: &usize| {
        label(*at)
            && is_sample_title(text(*at))
            && names_an_answer(text(*at).trim_matches(['#', '*', ' ', ':']))
    };
    let Some(answer) = near.find(answer) else { return };
    // Where another part begins, or the work is handed over, the sample has ended somewhere before.
    let is_over = |at: usize| {
        bounds::ends_samples(text(at))
            || handover::hands_over(reading, at)
            // `print(f"{boat}")` fills in what it names itself.
            || holds_a_slot(reading, &reading.units[at]) && !text(at).contains("f\"")
            || reading.units[at].kind == UnitKind::Mark && text(at).starts_with(['#', '<', '='])
            || at > answer && label(at) && is_sample_title(text(at))
    };
    let labelled = (title + 1..answer).any(label);
    if labelled && !(title + 1..reading.units.len()).any(is_over) {
        inside[title + 1..].fill(true);
    }
}

#[cfg(test)]
mod tests {
    use crate::classify::components_of;
    use crate::component::Component::{Constraints, Examples, Task};

    const SAMPLE: &str = "Example:\n\nUser request:\nRename the pier in the log. Add a line that names the boat.\n\n\
                          Example response:\nSteps:\n1. Rename the pier\n2. Add a line\n+ print(f\"{boat}\")\n";

    #[test]
    fn a_sample_that_ends_the_prompt() {
        let found: Vec<_> =
            components_of(&format!("Change the log as asked.\n{SAMPLE}")).into_iter().flatten().collect();
        assert_eq!(found, [Task, Examples, Examples, Examples, Examples, Examples]);
    }

    #[test]
    fn a_sample_that_something_follows() {
        let text = format!("Change the log as asked.\n{SAMPLE}\n# Rules\n- Never delete a line.\n");
        let found: Vec<_> = components_of(&text).into_iter().flatten().collect();
        assert_eq!(found.last(), Some(&Constraints), "{found:?}");
    }
}
