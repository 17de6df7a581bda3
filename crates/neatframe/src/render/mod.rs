//! What people and programs see. A renderer gets all it needs and looks nothing up.

pub(crate) mod json;
pub(crate) mod report;
