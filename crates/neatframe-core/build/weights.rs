//! The trained weights as a table in read-only memory.

/// `data/weights.txt`: lines of a feature key in hex and six weights in hundredths, then the second stage.
pub(crate) fn weight_table() -> String {
    let text = std::fs::read_to_string("data/weights.txt").expect("data/weights.txt is there");
    let mut features: Vec<(u32, String)> = Vec::new();
    let (mut second, mut bias) = (Vec::new(), String::from("[0.0; NAMES]"));
    for line in text.lines().filter(|line| !line.starts_with('#')) {
        let mut cells = line.split_whitespace();
        let name = cells.next().expect("a line has a name");
        let numbers: Vec<String> =
            cells.map(|cell| format!("{:?}", cell.parse::<f32>().expect("a number") / 100.0)).collect();
        let row = format!("[{}]", numbers.join(", "));
        match name {
            "second" => second.push(row),
            "bias" => bias = row,
            _ => features.push((u32::from_str_radix(name, 16).expect("a key in hex"), row)),
        }
    }
    // Two thirds full at most: every slot weighs on the program.
    let size = (features.len() * 3 / 2).next_power_of_two().max(2);
    let mut places: Vec<Option<&(u32, String)>> = vec![None; size];
    for feature in &features {
        let mut slot = feature.0 as usize & (size - 1);
        while places[slot].is_some() {
            slot = (slot + 1) & (size - 1);
        }
        places[slot] = Some(feature);
    }
    let keys: Vec<String> =
        places.iter().map(|place| place.map_or("0".into(), |(key, _)| key.to_string())).collect();
    let empty = "[0.0; NAMES]".to_string();
    let rows: Vec<&str> =
        places.iter().map(|place| place.map_or(empty.as_str(), |(_, row)| row.as_str())).collect();
    let views: Vec<String> = second.chunks(6).map(|view| format!("[{}]", view.join(", "))).collect();
    format!(
        "static KEYS: &[u32] = &[{}];\nstatic WEIGHTS: &[Scores] = &[{}];\nstatic SECOND: [[Scores; NAMES]; VIEWS.len()] = [{}];\nstatic BIAS: Scores = {bias};\n",
        keys.join(", "),
        rows.join(", "),
        views.join(", ")
    )
}
