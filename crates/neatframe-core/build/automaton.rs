//! The patterns of the lexicon as one automaton, so that what two patterns share is stored and walked once.

use crate::pattern::Piece;
use std::collections::BTreeMap;

/// A pattern, its words as numbers in the vocabulary.
pub(crate) struct Row {
    pub(crate) first: u32,
    pub(crate) rest: Vec<Piece>,
    pub(crate) end: End,
}

/// What a pattern says where it ends.
#[derive(Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
pub(crate) struct End {
    pub(crate) set: &'static str,
    pub(crate) entry: usize,
    pub(crate) at_start: bool,
    pub(crate) at_end: bool,
}

/// A state while the patterns are being added: where each token leads, and what ends here.
#[derive(Default)]
struct Node {
    edges: BTreeMap<u16, usize>,
    /// Written twice, a cue counts twice.
    ends: Vec<End>,
}

/// A state with the states behind it already numbered.
type Merged = (Vec<(u16, u16)>, Vec<End>);

/// From here on a token stands for one of several words; the crate reads the same numbers.
const GROUP: usize = 0x8000;

/// The source text of the tables.
pub(crate) fn tables(rows: &[Row], ids: &BTreeMap<String, u32>) -> String {
    assert!(ids.len() < GROUP, "ids and groups share 16 bits");
    let mut groups = Groups::default();
    let mut nodes: Vec<Node> = Vec::new();
    let mut starts: BTreeMap<u32, usize> = BTreeMap::new();
    for row in rows {
        let start = *starts.entry(row.first).or_insert_with(|| added(&mut nodes));
        let mut reached = vec![start];
        for (depth, piece) in row.rest.iter().enumerate() {
            // The second place has the most ways on, so that each of its words stands alone there and is looked up.
            let tokens: Vec<u16> = match piece {
                Piece::OneOf(words) if depth == 0 => words.iter().map(|word| ids[word] as u16).collect(),
                _ => vec![groups.token(piece, ids)],
            };
            let mut next = Vec::new();
            for &node in &reached {
                for &token in &tokens {
                    let known = nodes[node].edges.get(&token).copied();
                    let to = known.unwrap_or_else(|| added(&mut nodes));
                    nodes[node].edges.insert(token, to);
                    next.push(to);
                }
            }
            reached = next;
        }
        for node in reached {
            nodes[node].ends.push(row.end);
        }
    }
    written(&nodes, &starts, ids.len(), &groups)
}

fn added(nodes: &mut Vec<Node>) -> usize {
    nodes.push(Node::default());
    nodes.len() - 1
}

/// The sets of words that stand in one place, each kept once.
#[derive(Default)]
struct Groups {
    known: BTreeMap<Vec<u32>, usize>,
    places: Vec<(usize, usize)>,
    ids: Vec<u32>,
}

impl Groups {
    fn token(&mut self, piece: &Piece, ids: &BTreeMap<String, u32>) -> u16 {
        match piece {
            Piece::Word(word) => ids[word] as u16,
            Piece::OneOf(words) => {
                let mut group: Vec<u32> = words.iter().map(|word| ids[word]).collect();
                group.sort_unstable();
                let Groups { known, places, ids } = self;
                let at = *known.entry(group).or_insert_with_key(|group| {
                    places.push((ids.len(), ids.len() + group.len()));
                    ids.extend_from_slice(group);
                    places.len() - 1
                });
                assert!(at < 0x7000, "groups end before the other tokens");
                (GROUP + at) as u16
            }
            Piece::Number => 0xffff,
            Piece::Any => 0xfffe,
            Piece::Gap => 0xfffd,
        }
    }
}

/// Merges the states that go on alike, from the last to the first, and writes them down. State 0 leads nowhere.
fn written(nodes: &[Node], starts: &BTreeMap<u32, usize>, words: usize, groups: &Groups) -> String {
    let mut numbers: BTreeMap<Merged, u16> = BTreeMap::from([((Vec::new(), Vec::new()), 0)]);
    let mut states: Vec<Merged> = vec![(Vec::new(), Vec::new())];
    let mut number_of = vec![0u16; nodes.len()];
    // A state is added before those behind it.
    for (at, node) in nodes.iter().enumerate().rev() {
        let edges = node.edges.iter().map(|(&token, &to)| (token, number_of[to])).collect();
        let mut ends = node.ends.clone();
        ends.sort_unstable();
        let state: Merged = (edges, ends);
        number_of[at] = *numbers.entry(state).or_insert_with_key(|state| {
            states.push(state.clone());
            u16::try_from(states.len() - 1).expect("states are numbered in 16 bits")
        });
    }
    let mut ends: Vec<String> = Vec::new();
    let mut lists: BTreeMap<&[End], (usize, usize)> = BTreeMap::new();
    let (mut edges_of, mut ends_of, mut tokens, mut targets) = (vec![0], Vec::new(), Vec::new(), Vec::new());
    for (edges, own) in &states {
        tokens.extend(edges.iter().map(|(token, _)| *token));
        targets.extend(edges.iter().map(|(_, to)| *to));
        edges_of.push(tokens.len());
        ends_of.push(*lists.entry(own).or_insert_with(|| {
            let from = ends.len();
            ends.extend(own.iter().map(|End { set, entry, at_start, at_end }| {
                format!("End {{ set: Set::{set}, entry: {entry}, at_start: {at_start}, at_end: {at_end} }}")
            }));
            (from, ends.len())
        }));
    }
    let first: Vec<u16> =
        (0..words as u32).map(|word| starts.get(&word).map_or(0, |&at| number_of[at])).collect();
    format!(
        "static ENDS: &[End] = &[\n{}\n];\nstatic ENDS_OF: &[(u16, u16)] = &{ends_of:?};\nstatic EDGES_OF: &[u32] = \
         &{edges_of:?};\nstatic TOKENS: &[u16] = &{tokens:?};\nstatic TARGETS: &[u16] = &{targets:?};\nstatic FIRST: &[u16] = \
         &{first:?};\nstatic GROUPS: &[(u16, u16)] = &{:?};\nstatic GROUP_IDS: &[u16] = &{:?};\n",
        ends.join(",\n"),
        groups.places,
        groups.ids
    )
}
