//! Speed of a whole review and of a reframing, on prompts of three sizes.
#![allow(clippy::unwrap_used, clippy::disallowed_methods)]

use criterion::{BenchmarkId, Criterion, Throughput, criterion_group, criterion_main};
use neatframe_core::{CountTokens, Settings, Source, Tokens, Wishes, reframe, review};
use std::hint::black_box;

/// One token a byte, so that counting takes no time of note.
struct Bytes;

impl CountTokens for Bytes {
    fn encoding(&self) -> &str {
        "bytes"
    }

    fn count(&self, text: &str) -> Tokens {
        Tokens { lengths: vec![1; text.len()], exact: true }
    }
}

fn prompt(bytes: usize) -> String {
    let folder = concat!(env!("CARGO_MANIFEST_DIR"), "/../../demo");
    let mut paths: Vec<_> = std::fs::read_dir(folder).unwrap().map(|entry| entry.unwrap().path()).collect();
    paths.sort();
    let prompts =
        paths.iter().filter(|path| path.extension().is_some_and(|ending| ending == "md" || ending == "txt"));
    let text: String = prompts.filter_map(|path| std::fs::read_to_string(path).ok()).collect();
    let whole = text.repeat(bytes / text.len() + 1);
    let mut end = bytes;
    while !whole.is_char_boundary(end) {
        end -= 1;
    }
    whole[..end].to_string()
}

fn whole(criterion: &mut Criterion) {
    let settings = Settings::default();
    let mut group = criterion.benchmark_group("review");
    group.sample_size(20);
    for bytes in [2_000, 20_000, 200_000] {
        let text = prompt(bytes);
        group.throughput(Throughput::Bytes(text.len() as u64));
        group.bench_with_input(BenchmarkId::from_parameter(bytes), &text, |bencher, text| {
            bencher.iter(|| {
                let source = Source::from_bytes(text.clone().into_bytes()).unwrap();
                black_box(review(source, &settings, &Bytes))
            });
        });
    }
    group.finish();
    let text = prompt(2_000);
    criterion.bench_function("reframe", |bencher| {
        let reviewed = review(Source::from_bytes(text.clone().into_bytes()).unwrap(), &settings, &Bytes);
        bencher.iter(|| black_box(reframe(&reviewed, &Wishes::default())));
    });
}

criterion_group!(benches, whole);
criterion_main!(benches);
