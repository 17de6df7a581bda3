//! From a stated length to the tokens of the reply.

use super::{Demand, Measure, Requirement, Subject};

/// Thousandths of a token that one of each measure comes to in English prose: 4 tokens for 3 words and 4 characters a token
/// (the rule of thumb that is published with the vocabularies), 15 words a sentence, 80 a paragraph, 12 a line, 500 a page, 150 a
/// minute.
fn thousandths(measure: &Measure) -> Option<u64> {
    Some(match measure {
        Measure::Tokens => 1000,
        Measure::Characters => 250,
        Measure::Words => 1333,
        Measure::Lines => 16_000,
        Measure::Sentences => 20_000,
        Measure::Paragraphs => 106_667,
        Measure::Pages => 666_667,
        Measure::Minutes => 200_000,
        Measure::Items(_) => return None,
    })
}

/// The fewest and the most tokens of the reply, from the first stated length of the whole.
pub(crate) fn reply_tokens(requirements: &[Requirement]) -> Option<(Option<usize>, Option<usize>)> {
    requirements.iter().filter(|rule| rule.subject == Subject::Reply && !rule.conditional).find_map(|rule| {
        let Demand::Amount { measure, bound } = &rule.demand else { return None };
        let each = thousandths(measure)?;
        let tokens = |count: u32| (u64::from(count) * each).div_ceil(1000) as usize;
        Some((bound.least.map(tokens), bound.most.map(tokens)))
    })
}

#[cfg(test)]
mod tests {
    use crate::ledger::Bytes;
    use crate::{Settings, Source, review};

    #[test]
    fn a_stated_length_gives_tokens() {
        let tokens = |text: &str| {
            let source = Source::from_bytes(text.as_bytes().to_vec()).unwrap();
            review(source, &Settings::default(), &Bytes).reply_tokens()
        };
        assert_eq!(tokens("Write the notice in at most 90 words."), Some((None, Some(120))));
        assert_eq!(tokens("Write the notice. The title has 5 words."), None);
    }
}
