//! A price list that a house keeps.

use crate::house::parsed;
use anyhow::{Result, bail};
use serde::Deserialize;
use std::path::Path;

/// Prices for a million tokens.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub(crate) struct PriceList {
    /// The currency, as it is shown.
    pub(crate) currency: String,
    /// The day on which the prices held.
    pub(crate) date: toml::value::Datetime,
    #[serde(default)]
    pub(crate) price: Vec<Price>,
}

/// What one target costs.
#[derive(Clone, Debug, Deserialize)]
#[serde(deny_unknown_fields)]
pub(crate) struct Price {
    /// The target's name, as the house calls it.
    pub(crate) name: String,
    /// For a million tokens of prompt.
    #[serde(rename = "in")]
    pub(crate) input: f64,
    /// For a million tokens of prompt that a cache holds; as dear as `in` where it is not given.
    pub(crate) cached: Option<f64>,
    /// For a million tokens of reply.
    pub(crate) out: f64,
    /// Tokens that fit the context window.
    pub(crate) window: Option<u32>,
}

impl PriceList {
    /// Reads a list. Errors name the file, the line, and what was expected.
    pub(crate) fn read(path: &Path) -> Result<PriceList> {
        let list: PriceList = parsed(path)?;
        let name = crate::output::visible(&path.display().to_string());
        if list.price.is_empty() {
            bail!("{name}: holds no [[price]]; each has a name, `in` and `out`, for a million tokens");
        }
        for Price { name: target, input, cached, out, .. } in &list.price {
            for (key, price) in [("in", *input), ("cached", cached.unwrap_or(0.0)), ("out", *out)] {
                if !(0.0..1e9).contains(&price) {
                    bail!("{name}: `{key}` of `{target}` is {price}; a price is 0 or more");
                }
            }
        }
        Ok(list)
    }
}

/// The tokens of one call.
#[derive(Clone, Copy, Debug)]
pub(crate) struct Call {
    /// Of the prompt and what is sent with it.
    pub(crate) input: usize,
    /// Of these, the head that a cache can hold.
    pub(crate) head: usize,
    /// Of the reply.
    pub(crate) reply: usize,
}

impl Price {
    /// What one call costs; with a cache, the head at its price.
    pub(crate) fn of(&self, call: Call, with_cache: bool) -> f64 {
        let head = if with_cache { call.head } else { 0 };
        let held = head as f64 * self.cached.unwrap_or(self.input);
        (held + (call.input - head) as f64 * self.input + call.reply as f64 * self.out) / 1e6
    }
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn a_call_adds_up() {
        let price = Price { name: "x".into(), input: 2.0, cached: Some(0.5), out: 10.0, window: None };
        let call = Call { input: 1_000_000, head: 400_000, reply: 100_000 };
        assert_eq!(price.of(call, false), 3.0);
        assert_eq!(price.of(call, true), 0.2 + 1.2 + 1.0);
    }
}
