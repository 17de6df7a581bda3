//! An interview that makes a prompt of an idea or a draft: one question at a time, in the order of what matters most.

use crate::component::{Component, Facet};
use crate::frame::{Importance, Part};
use crate::ledger::Uncounted;
use crate::reframe::{Wishes, reframe, title};
use crate::review::{Review, Settings, review};
use crate::source::Source;

/// A question that is open.
#[derive(Clone, Debug, PartialEq, Eq)]
pub struct Question {
    /// What it is about.
    pub part: Part,
    /// How much the answer matters for the kind of work.
    pub importance: Importance,
    /// The question.
    pub ask: String,
    /// A good answer.
    pub like: String,
    /// Why it is asked.
    pub why: &'static str,
}

/// The answers so far, over a draft that may be empty.
#[derive(Clone, Debug)]
pub struct Interview {
    draft: String,
    settings: Settings,
    /// Answers and skipped questions, in the order in which they were given.
    steps: Vec<(Part, Option<String>)>,
}

/// The most questions of an interview.
const MOST: usize = 7;

impl Interview {
    /// Starts an interview over a draft. An empty draft is an idea that nobody has written down yet.
    pub fn new(draft: &str, settings: Settings) -> Interview {
        Interview { draft: draft.trim().to_string(), settings, steps: Vec::new() }
    }

    /// The questions that are open, the most important first: what the frame of the kind of work asks for, and neither the
    /// draft nor an answer holds. The first one is the next to ask.
    pub fn open(&self) -> Vec<Question> {
        let read = self.read();
        // Of an idea without words nothing is known but that it needs a task.
        let frame = read.as_ref().map_or_else(|| self.settings.frame_for(None), |read| read.frame().clone());
        let asked = |part: Part| self.steps.iter().any(|(known, _)| *known == part);
        let held = |part: Part| read.as_ref().is_some_and(|read| read.holds(part));
        let mut open: Vec<Question> = frame
            .needs
            .iter()
            .filter(|need| !asked(need.part) && !held(need.part))
            .map(|need| Question {
                part: need.part,
                importance: need.importance,
                ask: need.ask.to_string(),
                like: need.like.to_string(),
                why: need.why,
            })
            .collect();
        let task = |question: &Question| question.part == Part::Component(Component::Task);
        open.sort_by_key(|question| (!task(question), std::cmp::Reverse(question.importance)));
        open.truncate(MOST.saturating_sub(self.steps.len()));
        open
    }

    /// Takes an answer; white space around it goes.
    pub fn answer(&mut self, part: Part, words: &str) {
        self.steps.push((part, Some(words.trim().to_string())));
    }

    /// Leaves a question unanswered.
    pub fn skip(&mut self, part: Part) {
        self.steps.push((part, None));
    }

    /// Takes the last answer or skip back; its question is open again. False when there is none.
    pub fn back(&mut self) -> bool {
        self.steps.pop().is_some()
    }

    /// Answers and skipped questions so far, in order.
    pub fn steps(&self) -> &[(Part, Option<String>)] {
        &self.steps
    }

    /// The prompt that draft and answers make, in the person's words; empty when there are none.
    pub fn prompt(&self) -> String {
        let written = self.written();
        if self.draft.is_empty() || self.answers().next().is_none() {
            return written;
        }
        let Some(read) = read(&written, &self.settings) else { return written };
        reframe(&read, &Wishes { ask: false, offer: false, ..Wishes::default() }).text
    }

    fn answers(&self) -> impl Iterator<Item = (Part, &str)> {
        self.steps
            .iter()
            .filter_map(|(part, words)| Some((*part, words.as_deref().filter(|words| !words.is_empty())?)))
    }

    fn read(&self) -> Option<Review> {
        read(&self.written(), &self.settings)
    }

    /// The draft, then a section for each component that an answer is for.
    fn written(&self) -> String {
        let order = [
            Component::Role,
            Component::Task,
            Component::Context,
            Component::Constraints,
            Component::Examples,
            Component::OutputFormat,
        ];
        let mut sections: Vec<(Component, Vec<&str>)> = Vec::new();
        for component in order {
            let lines: Vec<&str> =
                self.answers().filter(|(part, _)| home(*part) == component).map(|(_, words)| words).collect();
            if !lines.is_empty() {
                sections.push((component, lines));
            }
        }
        // One answer needs no heading.
        if let ([(_, lines)], true) = (sections.as_slice(), self.draft.is_empty()) {
            return lines.join("\n") + "\n";
        }
        let mut parts: Vec<String> = Vec::new();
        parts.extend(Some(self.draft.clone()).filter(|draft| !draft.is_empty()));
        for (component, lines) in &sections {
            let listed = *component == Component::Constraints
                && lines.iter().map(|words| words.lines().count()).sum::<usize>() > 1;
            let marker = if listed { "- " } else { "" };
            let body: Vec<String> = lines
                .iter()
                .flat_map(|words| words.lines())
                .map(|line| if line.starts_with("- ") { line.to_string() } else { format!("{marker}{line}") })
                .collect();
            parts.push(format!("# {}\n{}", title(*component), body.join("\n")));
        }
        if parts.is_empty() { String::new() } else { parts.join("\n\n") + "\n" }
    }
}

/// The component in whose section an answer stands.
fn home(part: Part) -> Component {
    match part {
        Part::Component(component) => component,
        Part::Facet(Facet::Persona) => Component::Role,
        Part::Facet(Facet::Goal | Facet::Step | Facet::Question) => Component::Task,
        Part::Facet(
            Facet::Audience | Facet::Purpose | Facet::Background | Facet::Definition | Facet::InputSlot,
        ) => Component::Context,
        Part::Facet(Facet::Sample) => Component::Examples,
        Part::Facet(Facet::Shape) => Component::OutputFormat,
        Part::Facet(_) => Component::Constraints,
    }
}

fn read(text: &str, settings: &Settings) -> Option<Review> {
    let source = Source::from_bytes(text.as_bytes().to_vec()).ok()?;
    Some(review(source, settings, &Uncounted))
}

#[cfg(test)]
mod tests {
    use super::*;
    use proptest::prelude::*;

    fn names(interview: &Interview) -> Vec<&'static str> {
        interview.open().iter().map(|question| question.part.name()).collect()
    }

    #[test]
    fn an_idea_begins_with_the_task_and_the_kind_of_work_sets_the_rest() {
        let mut interview = Interview::new("", Settings::default());
        assert_eq!(names(&interview)[0], "task");
        interview
            .answer(Part::Component(Component::Task), "Extract the boat and the hour from each log entry.");
        let open = interview.open();
        assert!(open.iter().any(|question| question.ask.contains("Which fields")), "{open:?}");
        assert!(!names(&interview).contains(&"audience"), "{open:?}");
    }

    #[test]
    fn an_answer_that_covers_a_later_question_removes_it() {
        let mut interview = Interview::new("", Settings::default());
        let task = Part::Component(Component::Task);
        interview.answer(task, "Write the winter notice.");
        assert!(names(&interview).contains(&"length"));
        interview.back();
        interview.answer(task, "Write the winter notice in at most 80 words.");
        assert!(!names(&interview).contains(&"length"), "{:?}", names(&interview));
    }

    #[test]
    fn the_prompt_is_in_the_person_s_words_and_order_is_kept() {
        let mut interview = Interview::new("", Settings::default());
        interview.answer(Part::Facet(Facet::Length), "At most 80 words.");
        interview.answer(Part::Component(Component::Task), "Write the winter notice.");
        interview.skip(Part::Component(Component::Role));
        interview.answer(Part::Component(Component::Constraints), "Name the pier.");
        assert_eq!(
            interview.prompt(),
            "# Task\nWrite the winter notice.\n\n# Constraints\n- At most 80 words.\n- Name the pier.\n"
        );
        assert!(!names(&interview).contains(&"role"));
    }

    #[test]
    fn a_draft_keeps_its_words() {
        let mut interview = Interview::new("Write the winter notice.", Settings::default());
        assert!(!names(&interview).contains(&"task"));
        interview.answer(Part::Facet(Facet::Audience), "Commuters at the quay read it in ten seconds.");
        let prompt = interview.prompt();
        assert!(
            prompt.contains("Write the winter notice.") && prompt.contains("Commuters at the quay"),
            "{prompt}"
        );
        assert_eq!(Interview::new("", Settings::default()).prompt(), "");
    }

    proptest! {
        #![proptest_config(ProptestConfig { failure_persistence: None, rng_seed: proptest::test_runner::RngSeed::Fixed(7), ..ProptestConfig::with_cases(100) })]

        #[test]
        fn an_interview_ends_and_loses_no_answer(
            draft in prop::sample::select(DRAFTS),
            replies in prop::collection::vec(prop::option::of("[A-Z][a-z]{2,8} [a-z]{2,8} [0-9]{1,3}\\."), 0..9),
        ) {
            let mut interview = Interview::new(draft, Settings::default());
            let mut asked = Vec::new();
            for reply in &replies {
                let Some(question) = interview.open().into_iter().next() else { break };
                prop_assert!(!asked.contains(&question.part), "{:?} is asked twice", question.part);
                asked.push(question.part);
                match reply {
                    Some(words) => interview.answer(question.part, words),
                    None => interview.skip(question.part),
                }
            }
            prop_assert!(asked.len() <= MOST);
            let prompt = interview.prompt();
            for (_, words) in interview.answers() {
                prop_assert!(prompt.contains(words), "{} is lost in {}", words, prompt);
            }
            for word in draft.split_whitespace() {
                prop_assert!(prompt.contains(word), "{} of the draft is lost in {}", word, prompt);
            }
        }
    }

    const DRAFTS: &[&str] = &[
        "",
        "Write the winter notice.",
        "# Task\nExtract the boat from the log.\n\n# Rules\n- Copy names as they stand.",
        "You are the clerk. Two boats sail. Answer the guest: {{question}}",
    ];
}
