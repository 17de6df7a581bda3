//! Loads the published counter and counts the files it is given: what the benchmarks set the review against.
#![allow(clippy::unwrap_used)]

fn main() {
    let counter = tiktoken_rs::o200k_base().unwrap();
    let start = std::time::Instant::now();
    let mut tokens = 0;
    for path in std::env::args().skip(1) {
        tokens += counter.encode_ordinary(&std::fs::read_to_string(&path).unwrap()).len();
    }
    println!("{tokens} {}", start.elapsed().as_secs_f64());
}
