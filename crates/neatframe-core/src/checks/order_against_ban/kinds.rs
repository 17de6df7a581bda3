//! Kinds of things: to name a painkiller is to name a drug.

use crate::likeness::stem;

/// General nouns, each with nouns for things of its kind.
const KINDS: [(&[&str], &[&str]); 16] = [
    (&["code"], &["function", "method", "script", "snippet", "class", "program"]),
    (
        &["drug", "medicine", "medication"],
        &[
            "painkiller", "antibiotic", "tablet", "pill", "ointment", "ibuprofen", "aspirin", "paracetamol",
            "drug", "medicine", "medication",
        ],
    ),
    (
        &["alcohol"],
        &[
            "beer", "brandy", "champagne", "cider", "cocktail", "gin", "prosecco", "rum", "vodka", "whisky",
            "wine",
        ],
    ),
    (
        &["meat"],
        &[
            "bacon", "beef", "chicken", "duck", "ham", "lamb", "pork", "salami", "sausage", "steak",
            "turkey", "veal",
        ],
    ),
    (&["dairy"], &["butter", "cheese", "cream", "milk", "yoghurt", "yogurt"]),
    (&["nut"], &["almond", "cashew", "hazelnut", "peanut", "pecan", "pistachio", "walnut"]),
    (&["fish"], &["cod", "herring", "salmon", "trout", "tuna"]),
    (&["price", "cost"], &["fare", "fee", "rate", "price", "cost", "surcharge"]),
    (&["brand"], &["maker", "manufacturer", "label"]),
    (&["date"], &["deadline"]),
    (&["money"], &["salary", "wage", "pay", "price", "fare", "fee", "budget"]),
    (&["music"], &["piano", "guitar", "song", "jingle", "soundtrack", "melody"]),
    (&["compensation"], &["voucher", "refund", "discount", "credit"]),
    (&["competitor"], &["rival"]),
    (&["source"], &["study", "article", "paper"]),
    (&["number", "figure"], &["percentage", "total", "sum", "average"]),
];

/// True when a noun names a thing of the kind of the other, both as stems.
pub(super) fn is_of(special: u32, general: u32) -> bool {
    let of = |names: &[&str], noun: u32| names.iter().any(|name| stem(name) == noun);
    KINDS
        .iter()
        .any(|(general_names, special_names)| of(general_names, general) && of(special_names, special))
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn kinds_go_one_way() {
        assert!(is_of(stem("painkiller"), stem("drug")));
        assert!(!is_of(stem("date"), stem("deadline")));
    }
}
