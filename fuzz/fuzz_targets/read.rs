//! Any bytes are read, reviewed and restructured without a panic, and the pieces give the text back.
#![no_main]

use libfuzzer_sys::fuzz_target;
use neatframe_core::{CountTokens, Edit, Level, Settings, Source, Tokens, Wishes, apply, checks, fitting, reframe, review};

struct Bytes;

impl CountTokens for Bytes {
    fn encoding(&self) -> &str {
        "bytes"
    }

    fn count(&self, text: &str) -> Tokens {
        Tokens { lengths: vec![1; text.len()], exact: true }
    }
}

fuzz_target!(|bytes: &[u8]| {
    let Ok(source) = Source::from_bytes(bytes.to_vec()) else { return };
    let levels = checks().map(|meta| (meta.id, Level::On)).collect();
    let review = review(source, &Settings { levels, ..Settings::default() }, &Bytes);
    let pieces = review.outline().pieces.iter().map(|piece| review.source().slice(piece.span));
    assert_eq!(pieces.collect::<String>(), review.source().text());
    for pair in review.units().windows(2) {
        assert!(pair[0].text.end() <= pair[1].text.start());
    }
    let sets: Vec<&[Edit]> = review.findings().iter().map(|finding| finding.fix.as_slice()).collect();
    let edits: Vec<Edit> = fitting(&sets).into_iter().flat_map(|set| sets[set].iter().cloned()).collect();
    apply(review.source().text(), &edits).expect("fitting edits do not overlap");
    reframe(&review, &Wishes::default());
});
