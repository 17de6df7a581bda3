//! The six components of a prompt and the finer facets.

/// What a unit of a prompt is for.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Component {
    /// Who the model is to be: persona, name, expertise, whom it works for.
    Role,
    /// What is to be done: the ask, the goal, the steps, the questions to ask.
    Task,
    /// What the model must know: facts, audience, purpose, definitions, input material and its slots.
    Context,
    /// Samples of input and output, good and bad, and the sentences that introduce them.
    Examples,
    /// How it may be done: limits, tone, must and must not, scope, fallbacks, self-checks.
    Constraints,
    /// The shape of the answer: fields, headings, order of parts, template, what stands around it.
    OutputFormat,
}

impl Component {
    /// All six, in the order in which reviews list them.
    pub const ALL: [Component; 6] = [
        Component::Role,
        Component::Task,
        Component::Context,
        Component::Examples,
        Component::Constraints,
        Component::OutputFormat,
    ];

    /// The name used in machine-readable output: `role`, `output_format`.
    pub fn id(self) -> &'static str {
        match self {
            Component::Role => "role",
            Component::Task => "task",
            Component::Context => "context",
            Component::Examples => "examples",
            Component::Constraints => "constraints",
            Component::OutputFormat => "output_format",
        }
    }

    /// The name for people: `output format`.
    pub fn name(self) -> &'static str {
        match self {
            Component::OutputFormat => "output format",
            other => other.id(),
        }
    }

    /// Position in [`Component::ALL`].
    pub fn index(self) -> usize {
        self as usize
    }
}

/// What a unit does within its component, where that is evident.
#[derive(Clone, Copy, Debug, PartialEq, Eq, PartialOrd, Ord, Hash)]
pub enum Facet {
    /// Who the model is.
    Persona,
    /// The ask itself.
    Goal,
    /// One step of a procedure.
    Step,
    /// A question that the model is to put.
    Question,
    /// Who will read or use the answer.
    Audience,
    /// Why the work is wanted, or why a rule holds.
    Purpose,
    /// Facts about the author's situation.
    Background,
    /// What a term means.
    Definition,
    /// The place that receives the input.
    InputSlot,
    /// A sample.
    Sample,
    /// A length or count.
    Length,
    /// Tone, style, register.
    Tone,
    /// What must be or be done.
    Obligation,
    /// What not to do.
    Prohibition,
    /// What to do when something is missing or fails.
    Fallback,
    /// A check before the answer goes out.
    SelfCheck,
    /// When the work is done.
    Stop,
    /// Input declared as data, not orders.
    Fence,
    /// The shape of the answer.
    Shape,
}

impl Facet {
    /// All facets.
    pub const ALL: [Facet; 19] = [
        Facet::Persona,
        Facet::Goal,
        Facet::Step,
        Facet::Question,
        Facet::Audience,
        Facet::Purpose,
        Facet::Background,
        Facet::Definition,
        Facet::InputSlot,
        Facet::Sample,
        Facet::Length,
        Facet::Tone,
        Facet::Obligation,
        Facet::Prohibition,
        Facet::Fallback,
        Facet::SelfCheck,
        Facet::Stop,
        Facet::Fence,
        Facet::Shape,
    ];

    /// A facet by its name.
    pub fn named(name: &str) -> Option<Facet> {
        Facet::ALL.into_iter().find(|facet| facet.name() == name)
    }

    /// The name for people and for machine-readable output.
    pub fn name(self) -> &'static str {
        match self {
            Facet::Persona => "persona",
            Facet::Goal => "goal",
            Facet::Step => "step",
            Facet::Question => "question",
            Facet::Audience => "audience",
            Facet::Purpose => "purpose",
            Facet::Background => "background",
            Facet::Definition => "definition",
            Facet::InputSlot => "input slot",
            Facet::Sample => "sample",
            Facet::Length => "length",
            Facet::Tone => "tone",
            Facet::Obligation => "obligation",
            Facet::Prohibition => "prohibition",
            Facet::Fallback => "fallback",
            Facet::SelfCheck => "self-check",
            Facet::Stop => "stop condition",
            Facet::Fence => "fence",
            Facet::Shape => "shape",
        }
    }
}
