//! When one demand says what another said.

use super::Gist;

/// From so many words of meaning on an earlier demand may hold those of a short one by chance.
const LONG: usize = 12;

impl Gist {
    /// True where a call to begin the work names little that the ask at the top did not.
    pub(crate) fn asks_again(&self, earlier: &Gist) -> bool {
        let shared = self.shares(earlier);
        let new_numbers = self.numbers.iter().any(|number| !earlier.numbers.contains(number));
        shared >= 3 && shared * 2 >= self.stems.len() && !new_numbers && self.forbids == earlier.forbids
    }

    /// True where a duty comes down to the ask at the top, with hardly a word of its own.
    pub(crate) fn asks_the_same(&self, earlier: &Gist) -> bool {
        let shared = self.shares(earlier);
        shared >= 4
            && shared * 3 >= self.stems.len() * 2
            && self.numbers == earlier.numbers
            && self.forbids == earlier.forbids
            && self.place == earlier.place
            && self.case.is_none()
            && earlier.case.is_none()
    }

    /// How many stems two demands share.
    pub(crate) fn shares(&self, other: &Gist) -> usize {
        self.stems.iter().filter(|stem| other.stems.binary_search(stem).is_ok()).count()
    }

    /// True where they share at least half of what the other demand says.
    pub(crate) fn is_most_of(&self, earlier: &Gist) -> bool {
        self.shares(earlier) * 2 >= earlier.stems.len()
    }

    /// "If you see a boat alone, name it" where each boat is to be named: a case of what holds for all.
    pub(crate) fn is_a_case_of(&self, earlier: &Gist) -> bool {
        let known = self.main.iter().all(|stem| earlier.stems.binary_search(stem).is_ok());
        self.case.is_some()
            && earlier.case.is_none()
            && earlier.each
            && known
            && self.main.len() >= 3
            && self.forbids == earlier.forbids
            && self.numbers == earlier.numbers
            && self.place == earlier.place
    }

    /// "Format the table in Markdown" where everything is to be formatted in Markdown.
    fn is_of_everything(&self, earlier: &Gist) -> bool {
        let known = earlier.stems.iter().all(|stem| self.stems.binary_search(stem).is_ok());
        earlier.of_all
            && known
            && earlier.stems.len() >= 2
            && self.stems.len() <= earlier.stems.len() + 1
            && self.case.is_none()
            && self.forbids == earlier.forbids
            && self.numbers == earlier.numbers
    }

    /// True when `earlier` makes the demand that this one makes: its words are there, its numbers are the same.
    pub(crate) fn is_said_by(&self, earlier: &Gist) -> bool {
        let shared = self.shares(earlier);
        if self.is_a_case_of(earlier) || self.is_of_everything(earlier) {
            return true;
        }
        let same_numbers = self.numbers == earlier.numbers
            || self.numbers.is_empty() && (self.one_quality || self.reminds)
            || (!self.numbers.is_empty() && self.numbers.iter().all(|n| earlier.numbers.contains(n)));
        let other_time =
            self.once && earlier.each && !earlier.once || earlier.once && self.each && !self.once;
        let other_fate = self.keeps && earlier.changes
            || earlier.keeps && self.changes
            || self.preserves != earlier.preserves && !(self.keeps && earlier.keeps);
        // What is ruled out everywhere is ruled out in one part as well.
        let other_place = self.place != earlier.place && !(self.forbids && earlier.place.is_none());
        let other_name = self.named.iter().any(|name| earlier.stems.binary_search(name).is_err());
        // "Mails from the board get URGENT" is a case of "label each mail URGENT or NORMAL".
        let one_of_them = self.named.len() < earlier.named.len() && shared < self.stems.len();
        let other_name = other_name || one_of_them;
        let other_case = self.case.zip(earlier.case).is_some_and(|(own, other)| own != other);
        // "If the rider names no stop, ask" wants what no earlier line wants.
        let asked = self.main.iter().filter(|stem| earlier.stems.binary_search(stem).is_ok()).count();
        let new_order = self.case.is_some() && !self.main.is_empty() && asked * 2 < self.main.len();
        // "If it is unclear whether …, lower the score", "when uncertain, always give the lower score".
        if self.doubts && earlier.doubts && self.forbids == earlier.forbids && self.main.len() >= 2 {
            return asked == self.main.len();
        }
        // "Claims without a receipt are rejected", "when a receipt is missing, send the claim back": two ways out.
        let other_way = self.rejects && earlier.case.is_some();
        if other_case || new_order || other_way {
            return false;
        }
        if !same_numbers || shared == 0 || other_time || other_fate || other_name || other_place {
            return false;
        }
        if self.one_quality && self.forbids == earlier.forbids {
            return true;
        }
        if self.preserves && earlier.preserves {
            return shared == self.stems.len();
        }
        // "Only piers that are open", "no piers that are not in the plan": each has a border of its own.
        let other_border = shared + 1 == self.stems.len() && shared + 1 == earlier.stems.len() && shared <= 2;
        let both_confine = self.confines
            && earlier.confines
            && earlier.stems.len() <= self.stems.len() * 2
            && (shared >= 2 && !other_border || self.stems == earlier.stems);
        let one_source = self.named.iter().any(|name| earlier.stems.binary_search(name).is_ok());
        // "Stick to the facts in the log", "add nothing that the log does not say".
        let few = self.stems.len() <= 3 && earlier.stems.len() <= 3;
        if self.source.is_some() && self.source == earlier.source && few {
            return true;
        }
        // "Keep the note brief" below "answer with a brief note and a table".
        if self.quality
            && self.numbers.is_empty()
            && self.forbids == earlier.forbids
            && let [one, two] = self.stems[..]
            && earlier.pairs.contains(&(one, two))
        {
            return true;
        }
        // "Only events of 2024", "events outside 2024 are left out".
        let one_bound = self.confines && earlier.confines && !self.numbers.is_empty();
        if (both_confine || one_bound)
            && (shared * 3 >= self.stems.len() * 2 || one_source && shared * 2 >= self.stems.len())
        {
            return true;
        }
        let weight = self.stems.len() + self.numbers.len();
        // Two words in common say little where the earlier line says much besides.
        if self.stems.len() <= 2 && earlier.stems.len() > self.stems.len() + 2 && self.numbers.is_empty() {
            return false;
        }
        let open = self.loose.iter().filter(|stem| earlier.stems.binary_search(stem).is_err()).count();
        // "All changes use a LEAVES/ENTERS slip", "tell of each change with a LEAVES/ENTERS slip".
        let one_form = self.named.len() >= 2
            && self.named.iter().all(|name| earlier.named.contains(name))
            && shared * 5 >= self.stems.len() * 3;
        let covered = shared * 5 >= (self.stems.len() - open) * 4
            || one_form
            || !self.forbids && shared >= 3 && shared * 4 >= self.stems.len() * 3
            || self.negated
                && earlier.negated
                && shared >= 2
                && shared + 1 >= self.stems.len()
                && !self.numbers.is_empty();
        // The shorter the demand, the more of the earlier one it has to be.
        let alike = self.is_most_of(earlier)
            || weight >= 4 && shared == self.stems.len()
            || earlier.stems.len() <= LONG
                && (shared == self.stems.len() && shared >= 3
                    || shared >= 4 && shared * 5 >= self.stems.len() * 4);
        covered && alike && (weight >= 2 || earlier.stems.len() <= 1) && self.forbids == earlier.forbids
    }
}
