//! Any bytes are read, reviewed and restructured without a panic, and the pieces give the text back.
#![no_main]

use libfuzzer_sys::fuzz_target;
use neatframe_core::{CountTokens, Settings, Source, Tokens, Wishes, reframe, review};

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
    let review = review(source, &Settings::default(), &Bytes);
    let pieces = review.outline().pieces.iter().map(|piece| review.source().slice(piece.span));
    assert_eq!(pieces.collect::<String>(), review.source().text());
    for pair in review.units().windows(2) {
        assert!(pair[0].text.end() <= pair[1].text.start());
    }
    reframe(&review, &Wishes::default());
});
