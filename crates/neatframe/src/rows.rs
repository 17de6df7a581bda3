//! Rows of values: one JSON object, one a line, or a CSV table with a head.

use crate::output::visible;
use anyhow::{Context, Result, anyhow, bail, ensure};
use serde_json::{Map, Value};
use std::collections::BTreeMap;
use std::path::Path;

/// The values of one row, by name.
pub(crate) type Row = BTreeMap<String, String>;

/// Reads the rows of a file; its ending says how it is written. Errors name the file and the row.
pub(crate) fn read(path: &Path) -> Result<Vec<Row>> {
    let name = visible(&path.display().to_string());
    let text = std::fs::read_to_string(path).map_err(|error| anyhow!("{name}: cannot be read: {error}"))?;
    let ending = path.extension().and_then(|ending| ending.to_str()).unwrap_or("").to_ascii_lowercase();
    let rows = match ending.as_str() {
        "json" => json(&text),
        "jsonl" | "ndjson" => lines(&text),
        "csv" => table(&text),
        _ => Err(anyhow!("rows come from a .json, .jsonl or .csv file")),
    };
    let rows = rows.with_context(|| name.clone())?;
    ensure!(!rows.is_empty(), "{name}: holds no rows");
    Ok(rows)
}

/// One object, or a list of them.
fn json(text: &str) -> Result<Vec<Row>> {
    let value: Value = serde_json::from_str(text).context("not valid JSON")?;
    match value {
        Value::Object(fields) => Ok(vec![row(fields)?]),
        Value::Array(list) => {
            let made = |(at, value): (usize, Value)| object(value).with_context(|| format!("row {}", at + 1));
            list.into_iter().enumerate().map(made).collect()
        }
        _ => bail!("is neither an object nor a list of objects"),
    }
}

fn lines(text: &str) -> Result<Vec<Row>> {
    let numbered = text.lines().enumerate().filter(|(_, line)| !line.trim().is_empty());
    let made = |(at, line): (usize, &str)| {
        let value = serde_json::from_str(line).context("not valid JSON").and_then(object);
        value.with_context(|| format!("line {}", at + 1))
    };
    numbered.map(made).collect()
}

fn object(value: Value) -> Result<Row> {
    match value {
        Value::Object(fields) => row(fields),
        _ => bail!("is no object with a value for each slot"),
    }
}

fn row(fields: Map<String, Value>) -> Result<Row> {
    let text = |(name, value): (String, Value)| match value {
        Value::Null => bail!("`{name}` is null; write an empty string where nothing goes in"),
        Value::String(text) => Ok((name, text)),
        other => Ok((name, other.to_string())),
    };
    fields.into_iter().map(text).collect()
}

fn table(text: &str) -> Result<Vec<Row>> {
    let mut reader = csv::ReaderBuilder::new().from_reader(text.trim_start_matches('\u{feff}').as_bytes());
    let head = reader.headers().context("the head of the table cannot be read")?.clone();
    let made = |record: csv::Result<csv::StringRecord>| -> Result<Row> {
        let record = record.map_err(|error| match error.kind() {
            csv::ErrorKind::UnequalLengths { pos, expected_len, len } => anyhow!(
                "line {}: has {len} columns where the head has {expected_len}",
                pos.as_ref().map_or(0, csv::Position::line)
            ),
            _ => anyhow!("{error}"),
        })?;
        Ok(head
            .iter()
            .zip(&record)
            .map(|(name, value)| (name.trim().to_string(), value.to_string()))
            .collect())
    };
    reader.records().map(made).collect()
}

#[cfg(test)]
mod tests {
    use super::*;

    #[test]
    fn three_forms_one_meaning() {
        let want = vec![Row::from([("boat".into(), "Merle".into()), ("seats".into(), "40".into())])];
        assert_eq!(json("{\"boat\": \"Merle\", \"seats\": 40}").unwrap(), want);
        assert_eq!(lines("{\"boat\": \"Merle\", \"seats\": 40}\n\n").unwrap(), want);
        assert_eq!(table("boat,seats\nMerle,40\n").unwrap(), want);
    }

    #[test]
    fn faults_name_the_row() {
        let told = |error: anyhow::Error| format!("{error:#}");
        assert!(told(table("boat,seats\nMerle,40\nOriole\n").unwrap_err()).contains("line 3: has 1 columns"));
        assert!(told(lines("{}\n{\n").unwrap_err()).starts_with("line 2: not valid JSON"));
        assert!(told(json("[{\"a\": null}]").unwrap_err()).starts_with("row 1: `a` is null"));
    }
}
