//! Lines of code among demands, and what demands name in code.

/// `// Match the label`, `boats += [('Merle', 1)]`, `+import math`: a line of code, which demands nothing.
pub(super) fn is_code(line: &str) -> bool {
    let line = line.trim_start();
    let opens = ["//", "/*", "$ ", "+import ", "import ", "+from ", "@@ ", "+++ ", "--- "]
        .iter()
        .any(|sign| line.starts_with(sign));
    // "S->>T: return the list" in a drawing, "key: <class 'str'>" in a schema, "GET /piers to get the piers" in a plan.
    let drawn = ["-->", "->>", ": <class '"].iter().any(|sign| line.contains(sign));
    let called =
        ["GET /", "POST /", "PUT /", "PATCH /", "DELETE /"].iter().any(|verb| line.starts_with(verb));
    let inner = [" += ", " || ", " && ", " => {", "();", " === "].iter().any(|sign| line.contains(sign));
    opens || drawn || called || inner || is_typed_name(line) || line.contains(']') && !line.contains('[')
}

/// `piers (integer)`, as a schema lists its fields.
fn is_typed_name(line: &str) -> bool {
    const TYPES: [&str; 12] = [
        "string", "str", "integer", "int", "number", "float", "boolean", "bool", "array", "list", "object",
        "date",
    ];
    let plain = |name: &str| !name.is_empty() && !name.contains(' ');
    line.split_once(" (")
        .and_then(|(name, kind)| plain(name).then_some(kind.strip_suffix(')')?))
        .is_some_and(|kind| TYPES.contains(&kind.split([',', ' ', '[']).next().unwrap_or_default()))
}

/// "Mark what goes with `-`" and "mark what comes with `+`": both name something in code, and nothing in common.
pub(super) fn name_other_code(one: &str, two: &str) -> bool {
    let named = |line: &str| -> Vec<String> {
        line.split('`').skip(1).step_by(2).map(|code| code.trim().to_lowercase()).collect()
    };
    let [one, two] = [named(one), named(two)];
    !one.is_empty()
        && !two.is_empty()
        && !one.iter().any(|code| {
            two.iter().any(|other| code.contains(other.as_str()) || other.contains(code.as_str()))
        })
}
