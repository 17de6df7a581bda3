//! Makes the tables: every token of the published vocabularies in an open hash table, and the class of every character.

#[path = "src/hash.rs"]
mod hash;

use regex_syntax::hir::{Class, HirKind};
use std::fmt::Write as _;
use std::path::Path;
use tiktoken_rs::CoreBPE;

fn main() {
    println!("cargo::rerun-if-changed=build.rs");
    println!("cargo::rerun-if-changed=src/hash.rs");
    let o200k = tiktoken_rs::o200k_base().expect("the crate ships its vocabularies");
    let cl100k = tiktoken_rs::cl100k_base().expect("the crate ships its vocabularies");
    vocabulary("o200k_base", &o200k, 200_100, 19);
    vocabulary("cl100k_base", &cl100k, 100_300, 18);
    classes();
}

fn write(name: &str, bytes: &[u8]) {
    let folder = std::env::var("OUT_DIR").expect("cargo sets OUT_DIR");
    std::fs::write(Path::new(&folder).join(name), bytes).expect("the output folder can be written");
}

/// Three files: the bytes of all tokens in a row, where each begins (3 bytes each, one place more at the end), and the hash table:
/// 4 bytes a place, the tag of the hash and the rank plus one; 0 is an empty place.
fn vocabulary(name: &str, bpe: &CoreBPE, ranks: u32, bits: u32) {
    let special: Vec<&str> = bpe.special_tokens().into_iter().collect();
    let (mut bytes, mut starts) = (Vec::new(), Vec::new());
    assert!(ranks + 1 < 1 << hash::RANK_BITS, "a rank fits its bits");
    let mut table = vec![0u32; 1 << bits];
    let mask = table.len() as u64 - 1;
    for rank in 0..ranks {
        starts.push(bytes.len() as u32);
        let Ok(token) = bpe.decode_bytes(&[rank]) else { continue };
        if special.iter().any(|special| special.as_bytes() == token) {
            continue;
        }
        let hash = hash::hash(&token);
        let mut place = hash & mask;
        while table[place as usize] != 0 {
            place = (place + 1) & mask;
        }
        table[place as usize] = hash::tag(hash) << hash::RANK_BITS | (rank + 1);
        bytes.extend_from_slice(&token);
    }
    starts.push(bytes.len() as u32);
    assert!(bytes.len() < 1 << 24, "a place fits three bytes");
    write(&format!("{name}.bytes"), &bytes);
    write(
        &format!("{name}.starts"),
        // One byte more stands behind the last place, so that four can be read at once.
        &starts
            .iter()
            .flat_map(|start| start.to_le_bytes().into_iter().take(3))
            .chain([0])
            .collect::<Vec<u8>>(),
    );
    write(&format!("{name}.table"), &table.iter().flat_map(|place| place.to_le_bytes()).collect::<Vec<u8>>());
}

/// The classes that the published patterns tell apart; later ones win. The numbers are those of `src/class.rs`.
const CLASSES: [(&str, u8); 6] = [
    (r"\s", 1),
    (r"\p{N}", 2),
    (r"\p{M}", 3),
    (r"[\p{Lm}\p{Lo}]", 4),
    (r"[\p{Lu}\p{Lt}]", 5),
    (r"\p{Ll}", 6),
];

/// A table of the classes in two stages: which block of 256 characters, then the class of each in its block.
fn classes() {
    let mut all = vec![0u8; 0x11_0000];
    for (pattern, class) in CLASSES {
        let hir = regex_syntax::parse(pattern).expect("a class");
        let HirKind::Class(Class::Unicode(ranges)) = hir.kind() else { panic!("{pattern} is a class") };
        for range in ranges.iter() {
            for c in range.start()..=range.end() {
                all[c as usize] = class;
            }
        }
    }
    let mut blocks: Vec<&[u8]> = Vec::new();
    let mut index = Vec::new();
    for block in all.chunks(256) {
        let at = blocks.iter().position(|known| *known == block).unwrap_or_else(|| {
            blocks.push(block);
            blocks.len() - 1
        });
        index.push(at as u8);
        assert!(blocks.len() <= 256, "a block's number fits a byte");
    }
    let mut out = String::new();
    writeln!(out, "static BLOCK: [u8; {}] = {index:?};", index.len()).expect("strings grow");
    writeln!(out, "static CLASS: [[u8; 256]; {}] = {blocks:?};", blocks.len()).expect("strings grow");
    write("classes.rs", out.as_bytes());
}
