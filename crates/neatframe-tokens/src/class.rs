//! The classes of characters that the published patterns tell apart.

include!(concat!(env!("OUT_DIR"), "/classes.rs"));

/// What a character is, as far as a pattern asks.
#[derive(Clone, Copy, Debug, PartialEq, Eq)]
pub(crate) enum Class {
    /// Punctuation, symbols, everything else.
    Other,
    /// White space, `\s`.
    Space,
    /// `\p{N}`.
    Number,
    /// `\p{M}`.
    Mark,
    /// `\p{Lm}` and `\p{Lo}`: letters that are neither small nor capital.
    Letter,
    /// `\p{Lu}` and `\p{Lt}`.
    Upper,
    /// `\p{Ll}`.
    Lower,
}

const ALL: [Class; 7] =
    [Class::Other, Class::Space, Class::Number, Class::Mark, Class::Letter, Class::Upper, Class::Lower];

impl Class {
    /// The class of a character.
    #[inline]
    pub(crate) fn of(c: char) -> Class {
        let code = c as usize;
        ALL[CLASS[BLOCK[code >> 8] as usize][code & 0xff] as usize]
    }

    /// `\p{L}`.
    #[inline]
    pub(crate) fn is_letter(self) -> bool {
        matches!(self, Class::Letter | Class::Upper | Class::Lower)
    }

    /// May stand in the run before the small letters: `[\p{Lu}\p{Lt}\p{Lm}\p{Lo}\p{M}]`.
    #[inline]
    pub(crate) fn leads(self) -> bool {
        matches!(self, Class::Upper | Class::Letter | Class::Mark)
    }

    /// May stand in the run of small letters: `[\p{Ll}\p{Lm}\p{Lo}\p{M}]`.
    #[inline]
    pub(crate) fn follows(self) -> bool {
        matches!(self, Class::Lower | Class::Letter | Class::Mark)
    }

    /// `[^\s\p{L}\p{N}]`.
    #[inline]
    pub(crate) fn is_sign(self) -> bool {
        matches!(self, Class::Other | Class::Mark)
    }
}
