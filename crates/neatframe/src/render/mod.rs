//! What people and programs see. A renderer gets all it needs and looks nothing up.

pub(crate) mod checks;
pub(crate) mod compare;
pub(crate) mod evidence;
mod excerpt;
pub(crate) mod frames;
pub(crate) mod json;
pub(crate) mod notes;
pub(crate) mod overview;
pub(crate) mod question;
pub(crate) mod report;
pub(crate) mod requirements;
pub(crate) mod slots;
pub(crate) mod style;
pub(crate) mod tokens;
pub(crate) mod usage;
