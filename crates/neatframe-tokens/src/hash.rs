//! The hash under which the tables hold tokens; the build script fills them with the same function.

/// Multiplier with well-spread bits (the golden ratio in 64 bits).
const SPREAD: u64 = 0x9e37_79b9_7f4a_7c15;

/// Bits of a table's place that hold a rank plus one; the others hold the tag.
pub(crate) const RANK_BITS: u32 = 18;

/// The upper bits of a hash, which tell most other tokens apart before any byte is compared.
#[inline]
pub(crate) fn tag(hash: u64) -> u32 {
    (hash >> (32 + RANK_BITS)) as u32
}

/// Hashes a few bytes, eight at a time.
#[inline]
pub(crate) fn hash(bytes: &[u8]) -> u64 {
    let mut state = (bytes.len() as u64).wrapping_mul(SPREAD);
    let mut rest = bytes;
    while let Some((head, tail)) = rest.split_first_chunk::<8>() {
        state = mix(state ^ u64::from_le_bytes(*head));
        rest = tail;
    }
    if let Some((head, _)) = rest.split_first_chunk::<4>() {
        // Two overlapping halves cover four to seven bytes.
        let tail = rest.last_chunk::<4>().unwrap_or(head);
        state =
            mix(state ^ u64::from(u32::from_le_bytes(*head)) ^ u64::from(u32::from_le_bytes(*tail)) << 32);
    } else if !rest.is_empty() {
        let (first, middle, last) = (rest[0], rest[rest.len() / 2], rest[rest.len() - 1]);
        state = mix(state ^ u64::from(first) ^ u64::from(middle) << 8 ^ u64::from(last) << 16);
    }
    state ^ state >> 29
}

#[inline]
fn mix(value: u64) -> u64 {
    let value = (value ^ value >> 32).wrapping_mul(SPREAD);
    value ^ value >> 31
}
