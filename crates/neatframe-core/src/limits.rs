//! Limits that a house sets.

/// What a prompt may cost and how hard it may read. Nothing is limited by default.
#[derive(Clone, Copy, Debug, Default, PartialEq, Eq)]
pub struct Limits {
    /// The most tokens that a prompt may have, what it is sent with included.
    pub tokens: Option<usize>,
    /// The most tokens of one component.
    pub part_tokens: Option<usize>,
    /// The highest Flesch-Kincaid grade of the rules.
    pub reading_grade: Option<u32>,
    /// The most words of one sentence.
    pub sentence_words: Option<usize>,
}
