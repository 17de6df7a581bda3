//! What is counted, and how much of it.

/// What is counted.
#[derive(Clone, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Measure {
    /// Characters, blanks included.
    Characters,
    /// Words.
    Words,
    /// Sentences.
    Sentences,
    /// Paragraphs.
    Paragraphs,
    /// Lines.
    Lines,
    /// Pages.
    Pages,
    /// Minutes of a text that is spoken.
    Minutes,
    /// Tokens.
    Tokens,
    /// Things of a kind, in the plural: bullets, options, questions.
    Items(&'static str),
}

/// What a noun after a number counts, by its singular and plural.
const MEASURES: [(&str, &str, Measure); 104] = [
    ("character", "characters", Measure::Characters),
    ("char", "chars", Measure::Characters),
    ("letter", "letters", Measure::Items("letters")),
    ("word", "words", Measure::Words),
    ("sentence", "sentences", Measure::Sentences),
    ("paragraph", "paragraphs", Measure::Paragraphs),
    ("line", "lines", Measure::Lines),
    ("page", "pages", Measure::Pages),
    ("minute", "minutes", Measure::Minutes),
    ("token", "tokens", Measure::Tokens),
    ("bullet", "bullets", Measure::Items("bullets")),
    ("point", "points", Measure::Items("points")),
    ("item", "items", Measure::Items("items")),
    ("option", "options", Measure::Items("options")),
    ("answer", "answers", Measure::Items("answers")),
    ("choice", "choices", Measure::Items("options")),
    ("idea", "ideas", Measure::Items("ideas")),
    ("name", "names", Measure::Items("names")),
    ("title", "titles", Measure::Items("titles")),
    ("headline", "headlines", Measure::Items("headlines")),
    ("question", "questions", Measure::Items("questions")),
    ("example", "examples", Measure::Items("examples")),
    ("section", "sections", Measure::Items("sections")),
    ("row", "rows", Measure::Items("rows")),
    ("column", "columns", Measure::Items("columns")),
    ("step", "steps", Measure::Items("steps")),
    ("suggestion", "suggestions", Measure::Items("suggestions")),
    ("version", "versions", Measure::Items("versions")),
    ("variant", "variants", Measure::Items("variants")),
    ("tip", "tips", Measure::Items("tips")),
    ("reason", "reasons", Measure::Items("reasons")),
    ("hashtag", "hashtags", Measure::Items("hashtags")),
    ("slogan", "slogans", Measure::Items("slogans")),
    ("keyword", "keywords", Measure::Items("keywords")),
    ("tag", "tags", Measure::Items("tags")),
    ("tagline", "taglines", Measure::Items("taglines")),
    ("stanza", "stanzas", Measure::Items("stanzas")),
    ("side", "sides", Measure::Pages),
    ("fault", "faults", Measure::Items("faults")),
    ("error", "errors", Measure::Items("errors")),
    ("issue", "issues", Measure::Items("issues")),
    ("finding", "findings", Measure::Items("findings")),
    ("topic", "topics", Measure::Items("topics")),
    ("place", "places", Measure::Items("places")),
    ("product", "products", Measure::Items("products")),
    ("theme", "themes", Measure::Items("themes")),
    ("solution", "solutions", Measure::Items("solutions")),
    ("recommendation", "recommendations", Measure::Items("recommendations")),
    ("argument", "arguments", Measure::Items("arguments")),
    ("benefit", "benefits", Measure::Items("benefits")),
    ("comment", "comments", Measure::Items("comments")),
    ("remark", "remarks", Measure::Items("remarks")),
    ("phrase", "phrases", Measure::Items("phrases")),
    ("scene", "scenes", Measure::Items("scenes")),
    ("exercise", "exercises", Measure::Items("exercises")),
    ("session", "sessions", Measure::Items("sessions")),
    ("riddle", "riddles", Measure::Items("riddles")),
    ("joke", "jokes", Measure::Items("jokes")),
    ("verse", "verses", Measure::Items("verses")),
    ("activity", "activities", Measure::Items("activities")),
    ("source", "sources", Measure::Items("sources")),
    ("quotation", "quotations", Measure::Items("quotations")),
    ("chapter", "chapters", Measure::Items("chapters")),
    ("label", "labels", Measure::Items("labels")),
    ("strength", "strengths", Measure::Items("strengths")),
    ("weakness", "weaknesses", Measure::Items("weaknesses")),
    ("lesson", "lessons", Measure::Items("lessons")),
    ("objection", "objections", Measure::Items("objections")),
    ("slide", "slides", Measure::Items("slides")),
    ("post", "posts", Measure::Items("posts")),
    ("caption", "captions", Measure::Items("captions")),
    ("recipe", "recipes", Measure::Items("recipes")),
    ("clue", "clues", Measure::Items("clues")),
    ("rule", "rules", Measure::Items("rules")),
    ("entry", "entries", Measure::Items("entries")),
    ("task", "tasks", Measure::Items("tasks")),
    ("stop", "stops", Measure::Items("stops")),
    ("card", "cards", Measure::Items("cards")),
    ("ingredient", "ingredients", Measure::Items("ingredients")),
    ("feature", "features", Measure::Items("features")),
    ("category", "categories", Measure::Items("categories")),
    ("quote", "quotes", Measure::Items("quotes")),
    ("link", "links", Measure::Items("links")),
    ("fact", "facts", Measure::Items("facts")),
    ("claim", "claims", Measure::Items("claims")),
    ("risk", "risks", Measure::Items("risks")),
    ("cause", "causes", Measure::Items("causes")),
    ("mistake", "mistakes", Measure::Items("mistakes")),
    ("problem", "problems", Measure::Items("problems")),
    ("insight", "insights", Measure::Items("insights")),
    ("takeaway", "takeaways", Measure::Items("takeaways")),
    ("picture", "pictures", Measure::Items("pictures")),
    ("image", "images", Measure::Items("images")),
    ("heading", "headings", Measure::Items("headings")),
    ("query", "queries", Measure::Items("queries")),
    ("synonym", "synonyms", Measure::Items("synonyms")),
    ("tweet", "tweets", Measure::Items("tweets")),
    ("flashcard", "flashcards", Measure::Items("flashcards")),
    ("alternative", "alternatives", Measure::Items("alternatives")),
    ("variation", "variations", Measure::Items("variations")),
    ("proposal", "proposals", Measure::Items("proposals")),
    ("concept", "concepts", Measure::Items("concepts")),
    ("hook", "hooks", Measure::Items("hooks")),
    ("poem", "poems", Measure::Items("poems")),
];

impl Measure {
    pub(crate) fn named(word: &str) -> Option<Measure> {
        let named = |name: &str| name.eq_ignore_ascii_case(word);
        let found = MEASURES.iter().find(|(one, many, _)| named(one) || named(many));
        found.map(|(_, _, measure)| measure.clone())
    }

    /// The things that a noun in the plural counts: `names`, `bullets`.
    pub(super) fn things(plural: &str) -> Option<Measure> {
        let found = MEASURES.iter().find(|(_, many, _)| many.eq_ignore_ascii_case(plural));
        found.map(|(_, _, measure)| measure.clone()).filter(|measure| matches!(measure, Measure::Items(_)))
    }

    /// The noun for people: `words`, or `word` after one.
    pub fn name(&self, bound: &Bound) -> &'static str {
        let one = bound.most == Some(1) || (bound.most.is_none() && bound.least == Some(1));
        let row = MEASURES.iter().find(|(_, _, measure)| measure == self);
        row.map_or("", |(single, many, _)| if one { single } else { many })
    }

    /// The name in machine-readable output, in the plural.
    pub fn id(&self) -> &'static str {
        self.name(&Bound { least: None, most: None, about: false })
    }
}

/// How much: limits are included.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub struct Bound {
    /// The fewest.
    pub least: Option<u32>,
    /// The most.
    pub most: Option<u32>,
    /// True for "about 80", which leaves room on both sides.
    pub about: bool,
}

impl Bound {
    /// The bound in words: `at most 80`, `3 to 5`, `exactly 2`, `about 80`.
    pub fn shown(&self) -> String {
        match (self.least, self.most) {
            (Some(least), Some(most)) if least == most && self.about => format!("about {least}"),
            (Some(least), Some(most)) if least == most => format!("exactly {least}"),
            (Some(least), Some(most)) => format!("{least} to {most}"),
            (Some(least), None) => format!("at least {least}"),
            (None, Some(most)) => format!("at most {most}"),
            (None, None) => "any number of".into(),
        }
    }

    /// True when no number meets both. "About 80" reaches a quarter to each side.
    pub fn excludes(&self, other: &Bound) -> bool {
        // "About 150" gives way by a quarter, and by a sixth only to a limit that gives way by nothing: "at most 120".
        self.excludes_by(other, if self.about && other.about { 4 } else { 6 })
    }

    fn excludes_by(&self, other: &Bound, share: u32) -> bool {
        let low = |bound: &Bound| {
            bound.least.map(|least| if bound.about { least - least / share } else { least }).unwrap_or(0)
        };
        let high = |bound: &Bound| {
            bound.most.map(|most| if bound.about { most + most / share } else { most }).unwrap_or(u32::MAX)
        };
        low(self) > high(other) || low(other) > high(self)
    }

    /// True when a count meets the bound.
    pub fn holds(&self, count: usize) -> bool {
        let count = u32::try_from(count).unwrap_or(u32::MAX);
        !self.excludes_by(&Bound { least: Some(count), most: Some(count), about: false }, 4)
    }
}
