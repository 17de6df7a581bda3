//! Turns `data/*.toml` into static tables, so that a start parses nothing.
// The build script reads files; the crate itself may not.
#![allow(clippy::disallowed_methods)]

#[path = "src/lexicon/pattern.rs"]
#[allow(dead_code)]
mod pattern;

#[path = "build/automaton.rs"]
mod automaton;
#[path = "src/likeness/base.rs"]
mod base;
#[path = "build/files.rs"]
mod files;
#[path = "build/frames.rs"]
mod frames;
#[path = "build/weights.rs"]
mod weights;

use automaton::{End, Row};
use files::{Cues, Kinds, Padding, Poles, Synonyms, Terms, Titles, Vague, WordFile};
use pattern::{Expanded, Piece, expand};
use serde::Deserialize;
use std::collections::BTreeMap;
use std::fmt::Write as _;
use std::path::Path;

/// Word to id and flags; ids are given in order of first use.
struct Vocabulary {
    ids: BTreeMap<String, u32>,
    words: Vec<String>,
    flags: Vec<u32>,
}

impl Vocabulary {
    fn id(&mut self, word: &str) -> u32 {
        if let Some(&id) = self.ids.get(word) {
            return id;
        }
        let id = self.words.len() as u32;
        self.ids.insert(word.to_string(), id);
        self.words.push(word.to_string());
        self.flags.push(0);
        id
    }
}

fn main() {
    println!("cargo::rerun-if-changed=data");
    println!("cargo::rerun-if-changed=src/lexicon/pattern.rs");
    println!("cargo::rerun-if-changed=build.rs");
    println!("cargo::rerun-if-changed=build");
    println!("cargo::rerun-if-changed=src/likeness/base.rs");
    let mut vocabulary = Vocabulary { ids: BTreeMap::new(), words: Vec::new(), flags: Vec::new() };
    vocabulary.id("\u{0}number"); // entry 0 stands for numbers in digits
    let words: WordFile = read("words.toml");
    let word_tables = word_classes(&mut vocabulary, &words);

    let mut rows = Vec::new();
    let mut tables = String::new();
    let mut vague: Vague = read_lexicon("vague.toml");
    for say in vague.term.iter_mut().flat_map(|term| &mut term.say) {
        name_lists(say, &vague.list);
    }
    list(&mut tables, "VAGUE", "VagueTerm", &vague.term, |t| {
        format!("VagueTerm {{ kind: VagueKind::{}, write: {:?} }}", t.kind, t.write)
    });
    patterns(&mut vocabulary, &mut rows, "Vague", vague.term.iter().map(|t| &t.say));
    let padding: Padding = read_lexicon("padding.toml");
    list(&mut tables, "PADDING", "PaddingTerm", &padding.term, |t| {
        format!("PaddingTerm {{ kind: PaddingKind::{}, short: {:?} }}", t.kind, t.short)
    });
    patterns(&mut vocabulary, &mut rows, "Padding", padding.term.iter().map(|t| &t.say));
    let cues: Cues = read_lexicon("cues.toml");
    list(&mut tables, "CUES", "Cue", &cues.cue, |c| {
        let facet = c.facet.as_ref().map_or("None".to_string(), |f| format!("Some(Facet::{f})"));
        format!(
            "Cue {{ name: {:?}, component: Component::{}, facet: {facet}, weight: {:?} }}",
            c.name, c.component, c.weight
        )
    });
    patterns(&mut vocabulary, &mut rows, "Cue", cues.cue.iter().map(|c| &c.say));
    let titles: Titles = read_lexicon("titles.toml");
    list(&mut tables, "TITLES", "Title", &titles.title, |t| {
        format!("Title {{ component: Component::{} }}", t.component)
    });
    patterns(&mut vocabulary, &mut rows, "Title", titles.title.iter().map(|t| &t.say));

    let kinds: Kinds = read_lexicon("kinds.toml");
    list(&mut tables, "KINDS", "KindOfWork", &kinds.kind, |k| {
        format!("KindOfWork {{ name: {:?}, weight: {:?} }}", k.name, k.weight)
    });
    patterns(&mut vocabulary, &mut rows, "Kind", kinds.kind.iter().map(|k| &k.say));

    let hedges: Terms = read_lexicon("hedges.toml");
    list(&mut tables, "HEDGES", "&str", &hedges.term, |t| format!("{:?}", t.short));
    patterns(&mut vocabulary, &mut rows, "Hedge", hedges.term.iter().map(|t| &t.say));
    let bans: Terms = read_lexicon("bans.toml");
    list(&mut tables, "BANS", "&str", &bans.term, |t| format!("{:?}", t.write));
    patterns(&mut vocabulary, &mut rows, "Ban", bans.term.iter().map(|t| &t.say));
    let charms: Terms = read_lexicon("charms.toml");
    patterns(&mut vocabulary, &mut rows, "Charm", charms.term.iter().map(|t| &t.say));
    let mut poles: Poles = read_lexicon("poles.toml");
    for more in [
        "field-poles.toml", "duties.toml", "rivals.toml", "wordings.toml", "everyday.toml",
        "plain-speech.toml",
    ] {
        let more: Poles = read_lexicon(more);
        poles.axis.extend(more.axis);
        poles.pole.extend(more.pole);
    }
    let named = |wanted: fn(&files::Axis) -> bool| -> Vec<&str> {
        poles.axis.iter().filter(|axis| wanted(axis)).map(|axis| axis.name.as_str()).collect()
    };
    for (name, axes) in [
        ("OF_MANY", named(|axis| axis.of_many)),
        ("OF_ONE_PART", named(|axis| axis.of_one_part)),
        ("SCOPED", named(|axis| axis.scoped)),
        ("IN_ANY_CASE", named(|axis| axis.in_any_case)),
    ] {
        list(&mut tables, name, "&str", &axes, |axis| format!("{axis:?}"));
    }
    list(&mut tables, "POLES", "Pole", &poles.pole, |p| {
        format!("Pole {{ axis: {:?}, name: {:?}, flips: {:?} }}", p.axis, p.name, p.flips)
    });
    patterns(&mut vocabulary, &mut rows, "Pole", poles.pole.iter().map(|p| &p.say));

    list(&mut tables, "SYNONYMS", "(u32, u32)", &synonyms(), |(word, group)| format!("({word}, {group})"));

    for (short, full) in &words.casual {
        vocabulary.id(short);
        vocabulary.id(full);
    }
    write("weights.rs", &weights::weight_table());
    write("frames.rs", &frames::frame_table());
    write("lexicon.rs", &(tables + &automaton::tables(&rows, &vocabulary.ids)));
    write("vocabulary.rs", &(word_tables + &vocabulary_table(&vocabulary, &words.casual)));
}

/// The base of each word of a group, with that of the first of them, as hashes in order.
fn synonyms() -> Vec<(u32, u32)> {
    let file: Synonyms = read_lexicon("synonyms.toml");
    let of = |word: &str| base::hash(base::base(word).as_bytes());
    let mut found: Vec<(u32, u32)> = Vec::new();
    for group in &file.groups {
        let first = group.split_whitespace().next().expect("a group has words");
        for word in group.split_whitespace() {
            let row = (of(word), of(first));
            if found.contains(&row) {
                continue;
            }
            assert!(
                !found.iter().any(|(known, _)| *known == row.0),
                "synonyms.toml: {word} is in two groups"
            );
            found.push(row);
        }
    }
    found.sort_unstable();
    found
}

fn capitalised(name: &str) -> String {
    let (first, rest) = name.split_at(1);
    format!("{}{rest}", first.to_uppercase())
}

/// The languages that have a lexicon: the folders of `data/lexicons`, in order of name.
fn lexicons() -> Vec<String> {
    let folders = std::fs::read_dir("data/lexicons").expect("data/lexicons is there");
    let mut names: Vec<String> =
        folders.map(|entry| entry.expect("a folder").file_name().to_string_lossy().into_owned()).collect();
    names.sort();
    names
}

/// A file of every lexicon that has it, one after the other.
fn read_lexicon<T: for<'de> Deserialize<'de>>(name: &str) -> T {
    let paths = lexicons().into_iter().map(|language| Path::new("data/lexicons").join(language).join(name));
    let texts: Vec<String> = paths
        .filter(|path| path.is_file())
        .map(|path| std::fs::read_to_string(path).expect("a text"))
        .collect();
    toml::from_str(&texts.join("\n")).unwrap_or_else(|error| panic!("{name}: {error}"))
}

fn read<T: for<'de> Deserialize<'de>>(name: &str) -> T {
    let path = Path::new("data").join(name);
    let text = std::fs::read_to_string(&path).unwrap_or_else(|error| panic!("{}: {error}", path.display()));
    toml::from_str(&text).unwrap_or_else(|error| panic!("{}: {error}", path.display()))
}

fn write(name: &str, text: &str) {
    let folder = std::env::var("OUT_DIR").expect("cargo sets OUT_DIR");
    std::fs::write(Path::new(&folder).join(name), text).expect("the output folder can be written");
}

fn list<T>(out: &mut String, name: &str, kind: &str, items: &[T], shown: impl Fn(&T) -> String) {
    let items: Vec<String> = items.iter().map(shown).collect();
    writeln!(out, "pub(crate) static {name}: &[{kind}] = &[\n{}\n];", items.join(",\n"))
        .expect("strings grow");
}

/// Flags for the word classes, one bit each, in the file's order, and constants that name them.
fn word_classes(vocabulary: &mut Vocabulary, file: &WordFile) -> String {
    let mut out = String::new();
    let mut bit = 0;
    let mut class = |out: &mut String, vocabulary: &mut Vocabulary, name: &str, words: &str| {
        writeln!(out, "#[allow(dead_code)]\npub(crate) const {}: u32 = 1 << {bit};", name.to_uppercase())
            .expect("strings grow");
        for word in words.split_whitespace() {
            // The reader parts words at hyphens, so a class holds the parts' first word only by mistake.
            if word.chars().any(char::is_alphanumeric) && word.contains('-') {
                continue;
            }
            let id = vocabulary.id(word);
            vocabulary.flags[id as usize] |= 1 << bit;
        }
        bit += 1;
    };
    class(&mut out, vocabulary, "punctuation", &file.punctuation["marks"]);
    class(&mut out, vocabulary, "stop_mark", &file.punctuation["stop"]);
    let numbers: Vec<&str> = file.numbers.keys().map(String::as_str).collect();
    class(&mut out, vocabulary, "number_word", &numbers.join(" "));
    for (name, words) in &file.classes {
        class(&mut out, vocabulary, name, words);
    }
    let languages: BTreeMap<String, String> = read("languages.toml");
    for (name, words) in &languages {
        class(&mut out, vocabulary, name, words);
    }
    let known: Vec<String> =
        languages.keys().map(|name| format!("({:?}, {})", capitalised(name), name.to_uppercase())).collect();
    let lexicons: Vec<String> = lexicons().iter().map(|name| capitalised(name)).collect();
    writeln!(out, "pub(crate) static LEXICONS: &[&str] = &{lexicons:?};").expect("strings grow");
    writeln!(out, "pub(crate) static LANGUAGES: &[(&str, u32)] = &[{}];", known.join(", "))
        .expect("strings grow");
    let values: Vec<String> =
        file.numbers.iter().map(|(word, value)| format!("({}, {value})", vocabulary.ids[word])).collect();
    writeln!(out, "static NUMBER_VALUES: &[(u32, u32)] = &[{}];", values.join(", ")).expect("strings grow");
    out
}

/// Puts the words of a list in place of its name in a pattern.
fn name_lists(say: &mut String, lists: &[files::List]) {
    for files::List { name, words } in lists {
        *say = say.replace(&format!("<{name}>"), &format!("({})", words.join("|")));
    }
    assert!(!say.contains('<'), "pattern `{say}`: no list has that name");
}

fn patterns<'a>(
    vocabulary: &mut Vocabulary,
    rows: &mut Vec<Row>,
    set: &'static str,
    entries: impl Iterator<Item = &'a Vec<String>>,
) {
    for (entry, says) in entries.enumerate() {
        for say in says {
            for Expanded { pieces, at_start, at_end } in expand(say).unwrap_or_else(|error| panic!("{error}"))
            {
                let (first, rest) = pieces.split_first().expect("patterns are not empty");
                for word in pieces.iter().flat_map(words_of) {
                    vocabulary.id(word);
                }
                let first = match first {
                    Piece::Word(word) => vocabulary.id(word),
                    _ => 0,
                };
                let rest = rest.to_vec();
                rows.push(Row { first, rest, end: End { set, entry, at_start, at_end } });
            }
        }
    }
}

/// The literal words that a place of a pattern may be.
fn words_of(piece: &Piece) -> &[String] {
    match piece {
        Piece::Word(word) => std::slice::from_ref(word),
        Piece::OneOf(words) => words,
        _ => &[],
    }
}

fn vocabulary_table(vocabulary: &Vocabulary, casual: &BTreeMap<String, String>) -> String {
    let same_as: Vec<u32> =
        vocabulary.words.iter().map(|word| vocabulary.ids[casual.get(word).unwrap_or(word)]).collect();
    let size = (vocabulary.words.len() * 3).next_power_of_two();
    let mut table = vec![0u16; size];
    for (index, word) in vocabulary.words.iter().enumerate().skip(1) {
        let mut slot = fnv(word.as_bytes()) as usize & (size - 1);
        while table[slot] != 0 {
            slot = (slot + 1) & (size - 1);
        }
        table[slot] = index as u16;
    }
    // One text and where each word begins in it: references would have to be relocated at each start.
    let starts: Vec<usize> = std::iter::once(0)
        .chain(vocabulary.words.iter().scan(0, |end, word| {
            *end += word.len();
            Some(*end)
        }))
        .collect();
    format!(
        "static LETTERS: &str = {:?};\nstatic STARTS: &[u32] = &{starts:?};\nstatic FLAGS: &[u32] = &{:?};\nstatic TABLE: \
         &[u16] = &{table:?};\nstatic SAME_AS: &[u16] = &{same_as:?};\n",
        vocabulary.words.concat(),
        vocabulary.flags
    )
}

/// FNV-1a, 32 bits; the crate looks words up with the same function.
fn fnv(bytes: &[u8]) -> u32 {
    bytes.iter().fold(0x811c_9dc5, |hash, &byte| (hash ^ u32::from(byte)).wrapping_mul(0x0100_0193))
}
