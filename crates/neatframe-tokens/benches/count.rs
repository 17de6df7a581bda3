//! Counting speed beside the published crate, on the demo prompts.
#![allow(clippy::unwrap_used)]

use criterion::{Criterion, Throughput, criterion_group, criterion_main};
use neatframe_tokens::Vocabulary;
use std::hint::black_box;

fn prompts() -> String {
    let folder = concat!(env!("CARGO_MANIFEST_DIR"), "/../../demo");
    let mut paths: Vec<_> = std::fs::read_dir(folder).unwrap().map(|entry| entry.unwrap().path()).collect();
    paths.sort();
    let text: String = paths.iter().filter_map(|path| std::fs::read_to_string(path).ok()).collect();
    text.repeat(8)
}

fn count(criterion: &mut Criterion) {
    let text = prompts();
    let published = tiktoken_rs::o200k_base().unwrap();
    let mut group = criterion.benchmark_group("count o200k_base");
    group.throughput(Throughput::Bytes(text.len() as u64));
    group.bench_function("flat tables", |bencher| {
        bencher.iter(|| Vocabulary::o200k_base().count(black_box(&text)));
    });
    group.bench_function("published crate", |bencher| {
        bencher.iter(|| published.encode_ordinary(black_box(&text)).len());
    });
    group.finish();
}

criterion_group!(benches, count);
criterion_main!(benches);
