//! Stems: words of one meaning come down to one number.

/// Words that demand the same as others, with the number of their group. Sorted.
const SAME: &[(&str, u8)] = &[
    ("advice", 46),
    ("advise", 46),
    ("advised", 46),
    ("advising", 46),
    ("affordable", 5),
    ("amount", 0),
    ("amounts", 0),
    ("analyse", 39),
    ("analysed", 39),
    ("analysing", 39),
    ("analysis", 39),
    ("analyze", 39),
    ("analyzed", 39),
    ("analyzing", 39),
    ("apologies", 26),
    ("apologise", 26),
    ("apologised", 26),
    ("apologising", 26),
    ("apologize", 26),
    ("apologized", 26),
    ("apologizing", 26),
    ("apology", 26),
    ("begin", 30),
    ("brief", 1),
    ("budget", 13),
    ("bullet", 12),
    ("bullets", 12),
    ("businesslike", 11),
    ("cheap", 5),
    ("check", 48),
    ("checked", 48),
    ("checking", 48),
    ("checks", 48),
    ("client", 4),
    ("clients", 4),
    ("clip", 21),
    ("clips", 21),
    ("commit", 16),
    ("committed", 16),
    ("committing", 16),
    ("compare", 36),
    ("compared", 36),
    ("comparing", 36),
    ("comparison", 36),
    ("comparisons", 36),
    ("concise", 1),
    ("conclude", 37),
    ("concluded", 37),
    ("concluding", 37),
    ("conclusion", 37),
    ("conclusions", 37),
    ("correct", 14),
    ("cost", 0),
    ("costs", 0),
    ("courteous", 2),
    ("customer", 4),
    ("customers", 4),
    ("delete", 31),
    ("describe", 38),
    ("described", 38),
    ("describing", 38),
    ("description", 38),
    ("descriptions", 38),
    ("disclose", 25),
    ("drug", 22),
    ("e-mail", 7),
    ("easy", 6),
    ("email", 7),
    ("erase", 31),
    ("escalate", 28),
    ("evaluate", 44),
    ("evaluated", 44),
    ("evaluating", 44),
    ("evaluation", 44),
    ("evaluations", 44),
    ("explain", 33),
    ("explained", 33),
    ("explaining", 33),
    ("explanation", 33),
    ("explanations", 33),
    ("fabricate", 8),
    ("figure", 3),
    ("figures", 3),
    ("film", 21),
    ("films", 21),
    ("forward", 28),
    ("fri", 20),
    ("friday", 20),
    ("friendly", 2),
    ("greeting", 29),
    ("greetings", 29),
    ("guarantee", 16),
    ("guess", 8),
    ("hallucinate", 8),
    ("heading", 10),
    ("headline", 10),
    ("human", 23),
    ("humans", 23),
    ("image", 9),
    ("images", 9),
    ("inexpensive", 5),
    ("interpret", 43),
    ("interpretation", 43),
    ("interpretations", 43),
    ("interpreted", 43),
    ("interpreting", 43),
    ("introduce", 40),
    ("introduced", 40),
    ("introducing", 40),
    ("introduction", 40),
    ("invent", 8),
    ("justification", 42),
    ("justifications", 42),
    ("justified", 42),
    ("justifies", 42),
    ("justify", 42),
    ("justifying", 42),
    ("kind", 2),
    ("lead", 30),
    ("low-cost", 5),
    ("mail", 7),
    ("medication", 22),
    ("medicine", 22),
    ("medicines", 22),
    ("mention", 15),
    ("mentioned", 15),
    ("mon", 17),
    ("monday", 17),
    ("money", 0),
    ("name", 15),
    ("named", 15),
    ("names", 15),
    ("nice", 2),
    ("number", 3),
    ("numbers", 3),
    ("pass", 28),
    ("people", 23),
    ("person", 23),
    ("persons", 23),
    ("photo", 9),
    ("photos", 9),
    ("picture", 9),
    ("pictures", 9),
    ("plain", 6),
    ("polite", 2),
    ("price", 0),
    ("prices", 0),
    ("professional", 11),
    ("promise", 16),
    ("promised", 16),
    ("promises", 16),
    ("promising", 16),
    ("quotation", 27),
    ("quotations", 27),
    ("quote", 27),
    ("quotes", 27),
    ("recommend", 35),
    ("recommendation", 35),
    ("recommendations", 35),
    ("recommended", 35),
    ("recommending", 35),
    ("remove", 31),
    ("reveal", 25),
    ("right", 14),
    ("salutation", 29),
    ("short", 1),
    ("simple", 6),
    ("sorry", 26),
    ("speculate", 45),
    ("speculated", 45),
    ("speculating", 45),
    ("speculation", 45),
    ("speculations", 45),
    ("spend", 13),
    ("spoil", 25),
    ("start", 30),
    ("state", 15),
    ("stated", 15),
    ("succinct", 1),
    ("suggest", 41),
    ("suggested", 41),
    ("suggesting", 41),
    ("suggestion", 41),
    ("suggestions", 41),
    ("sum", 0),
    ("summaries", 32),
    ("summarise", 32),
    ("summarised", 32),
    ("summarising", 32),
    ("summarize", 32),
    ("summarized", 32),
    ("summarizing", 32),
    ("summary", 32),
    ("sums", 0),
    ("terse", 1),
    ("thu", 19),
    ("thurs", 19),
    ("thursday", 19),
    ("title", 10),
    ("transfer", 28),
    ("translate", 34),
    ("translated", 34),
    ("translating", 34),
    ("translation", 34),
    ("translations", 34),
    ("tue", 18),
    ("tues", 18),
    ("tuesday", 18),
    ("verified", 48),
    ("verifies", 48),
    ("verify", 48),
    ("verifying", 48),
    ("video", 21),
    ("videos", 21),
];

/// A light stemmer: folds plural and verb endings, and words of one meaning.
pub(crate) fn stem(word: &str) -> u32 {
    if let Ok(at) = SAME.binary_search_by(|(known, _)| (*known).cmp(word)) {
        return hash(&[SAME[at].1]);
    }
    let single = word.strip_suffix('s').filter(|single| single.len() > 3);
    if let Some(at) = single.and_then(|one| SAME.binary_search_by(|(known, _)| (*known).cmp(one)).ok()) {
        return hash(&[SAME[at].1]);
    }
    let base = word.strip_suffix("'s").unwrap_or(word);
    let cut = |suffix: &str, least: usize| base.strip_suffix(suffix).filter(|rest| rest.len() >= least);
    let base = cut("ations", 4)
        .or_else(|| cut("ation", 4))
        .or_else(|| cut("ingly", 3))
        .or_else(|| cut("ing", 3))
        .or_else(|| cut("ies", 2))
        .or_else(|| cut("ely", 3))
        .or_else(|| cut("es", 4))
        .or_else(|| cut("ed", 3))
        .or_else(|| cut("ly", 3))
        .or_else(|| if base.ends_with("ss") { None } else { cut("s", 3) })
        .unwrap_or(base);
    let base = base.trim_end_matches(['e', 'y']);
    hash(base.as_bytes())
}

/// FNV-1a, 32 bits (Fowler, Noll, Vo).
pub(super) fn hash(bytes: &[u8]) -> u32 {
    bytes.iter().fold(0x811c_9dc5, |hash, &byte| (hash ^ u32::from(byte)).wrapping_mul(0x0100_0193))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn the_list_is_sorted() {
        assert!(SAME.is_sorted());
    }

    #[test]
    fn stems_fold_endings() {
        assert_eq!(stem("prices"), stem("price"));
        assert_eq!(stem("concise"), stem("brief"));
        assert_eq!(stem("headings"), stem("title"), "a plural of a word in the list");
        assert_ne!(stem("ferry"), stem("fern"));
    }
}
