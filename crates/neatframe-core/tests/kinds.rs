//! Which kind of work a prompt is for, as its words show it, and which language it is in.

mod common;

macro_rules! kinds {
    ($($name:ident: $text:expr => $kind:expr;)*) => {
        $(#[test]
        fn $name() {
            assert_eq!(common::read($text).kind().map(|kind| kind.name.as_ref()), $kind);
        })*
    };
}

mod kinds {
    use super::common;

    kinds! {
        a_letter_is_writing: "Write a letter to the crew of the Merle." => Some("writing");
        simpler_words_are_rewriting: "Rewrite the notice below in plain words." => Some("rewriting");
        a_digest_is_summarising: "Summarise the radio log of the night." => Some("summarising");
        fields_are_extraction: "Extract the sailing and the seat from each ticket." => Some("extraction");
        labels_are_classification: "Classify each message as LATE, LOST or OTHER." => Some("classification");
        passages_are_question_answering: "Answer the question using only the passages below." => Some("question answering");
        a_function_is_code: "Write a Python function that adds up the fares." => Some("code");
        sources_are_research: "Find out what is known about seals and ferries, and cite your sources." => Some("research");
        a_tutor_is_a_dialogue: "You are a tutor for deckhands. Ask one question per turn." => Some("dialogue");
        tools_make_an_agent: "You have access to the following tools: list_ships, assign_tug." => Some("tool agent");
        names_are_ideas: "Suggest names for the new ferry." => Some("ideas");
        a_picture_is_an_image: "Describe an image of a ferry at dusk." => Some("image");
        points_are_grading: "Grade the answers of the deckhands against the rubric." => Some("grading");
        languages_are_translation: "Translate the safety card into Danish." => Some("translation");
        a_week_is_planning: "Make a plan for the week in the dry dock." => Some("planning");
        nothing_to_go_by: "The Merle is blue." => None;
        alt_texts_are_images: "Generate alt texts for the photographs of the quay." => Some("image");
        a_photograph_described: "Describe the photograph of the pier that is attached." => Some("image");
        a_desk_chosen: "Read one message and choose the desk that handles it." => Some("classification");
        a_judge_of_talks_grades: "Evaluate whether the desk kept its role in the conversation between a guest and the chatbot below." => Some("grading");
        a_judge_of_tools_grades: "You are an expert evaluator assessing if an agent chose the right berth tools." => Some("grading");
        a_reason_for_a_score_grades: "Given the punctuality score of a crew, which runs from 0 to 1, give the reason for the score." => Some("grading");
        a_reader_of_talks_sums_up: "You are a conversation summariser for the harbour desk. Write down what was agreed." => Some("summarising");
        a_classifier_of_talks: "You are a careful ticket classifier. Given the conversation below, assign it exactly one label." => Some("classification");
        a_bot_that_talks: "You are a friendly chatbot on the quay. Greet each guest." => Some("dialogue");
        a_talk_to_lead: "Lead the conversation with the guest until the berth is known." => Some("dialogue");
        a_shell_script_is_code: "Write a Bash script that keeps seven copies of the log." => Some("code");
        a_migration_is_code: "Look at the database migration and say whether it can run at noon." => Some("code");
        a_packing_list_is_planning: "Make me a packing list for a week on the islands." => Some("planning");
        lessons_are_planning: "Plan six lessons on knots for deckhands." => Some("planning");
        tools_that_may_be_used: "You can use the tools listed here: list_ships, hold_ship." => Some("tool agent");
        release_notes_are_writing: "You write the release notes of the timetable app." => Some("writing");
        a_proofreader_rewrites: "You are a proofreader. Check the card and return it corrected." => Some("rewriting");
        facts_to_keep_are_extraction: "After each talk, decide which facts to keep." => Some("extraction");
        a_notice: "Write a notice for guests of the night boat." => Some("writing");
        a_press_release: "From the mission log write a press release for the local paper." => Some("writing");
        a_toast: "Write me a toast for my sister's wedding." => Some("writing");
        a_script: "Write the script of a radio spot for the blood drive." => Some("writing");
        a_job_advert: "Draft a job advert for a bookkeeper." => Some("writing");
        a_letter_to_improve: "Improve the cover letter below and keep its length.\n{{letter}}" => Some("rewriting");
        spelling_to_correct: "Correct spelling and punctuation of the text below.\n{{text}}" => Some("rewriting");
        a_plain_version: "Rewrite the leaflet so that a ten-year-old follows it.\n{{leaflet}}" => Some("rewriting");
        minutes_in_short: "Summarise the minutes of the council for residents.\n{{minutes}}" => Some("summarising");
        a_thread_in_three_bullets: "Sum up the thread between support and customer in three bullets.\n{{thread}}" => Some("summarising");
        a_digest: "Write a digest of the reports below.\n{{reports}}" => Some("summarising");
        fields_from_a_slip: "Extract the ticket number and the date from the slip as JSON.\n{{slip}}" => Some("extraction");
        every_promise: "Extract every delivery promise from the mail thread.\n{{thread}}" => Some("extraction");
        pulled_out: "Pull all amounts and due dates out of the invoice.\n{{invoice}}" => Some("extraction");
        one_label: "Sort each message into one class: billing, network or other.\n{{message}}" => Some("classification");
        classify: "Classify the comment as praise, complaint or wish.\n{{comment}}" => Some("classification");
        a_router: "Decide which of the teams gets the ticket: SALES, SUPPORT or LEGAL.\n{{ticket}}" => Some("classification");
        from_the_house_rules: "Answer the tenant's question from the house rules below.\n{{rules}}\nQuestion: {{question}}" => Some("question answering");
        from_passages: "Answer the question with the passages only, and cite them.\n{{passages}}\n{{question}}" => Some("question answering");
        a_function: "Write a Python function that counts the boats at each pier." => Some("code");
        a_failing_test: "Write a unit test in Go for the parser below.\n{{code}}" => Some("code");
        a_query: "Turn the question into one SQL query over the tables below." => Some("code");
        a_bug: "Fix the bug in this script.\n```python\nprint(1/0)\n```" => Some("code");
        a_market: "Research the market for used rowing boats in Norway and name your sources." => Some("research");
        a_support_agent: "You are the support agent of a phone shop. Ask the caller for the number, wait for the answer, then solve the problem step by step." => Some("dialogue");
        a_tutor: "You are a tutor. Ask one question, wait for the pupil's answer, then go on." => Some("dialogue");
        an_agent_with_tools: "You are an agent with these tools: search(query), open(url). Call one tool per turn until the task is done." => Some("tool agent");
        ten_names: "Give ten names for a new oat bar." => Some("ideas");
        slogans: "Suggest slogans for the ferry line." => Some("ideas");
        brainstorm: "Brainstorm ideas for a harbour festival." => Some("ideas");
        a_picture: "Describe a picture of a lighthouse at dusk for an image generator." => Some("image");
        an_essay_to_grade: "Grade the essay with the rubric below.\n{{essay}}" => Some("grading");
        a_score: "Rate each support answer from 1 to 5.\n{{answers}}" => Some("grading");
        the_better_answer: "Compare the two answers and say which is better.\nA: {{a}}\nB: {{b}}" => Some("grading");
        labels_in_another_language: "Translate the museum labels into German.\n{{labels}}" => Some("translation");
        a_recipe_card: "Translate the recipe card from Danish into English.\n{{card}}" => Some("translation");
        a_weekend: "Plan a weekend in Ljubljana for two adults and a child." => Some("planning");
        a_rota: "Plan the rota of the repair cafe for one month." => Some("planning");
        a_lesson: "Make a lesson plan of 45 minutes on rivers." => Some("planning");
    }
}

mod languages {
    use super::common;

    macro_rules! languages {
        ($($name:ident: $text:expr => $language:expr;)*) => {
            $(#[test]
            fn $name() {
                assert_eq!(common::read($text).language(), $language);
            })*
        };
    }

    languages! {
        english: "Write a notice for the guests of the night boat and name the pier in the first line." => None;
        german: "Schreibe eine kurze Nachricht an die Gäste des Nachtboots und nenne den Steg in der ersten Zeile." => Some("German");
        french: "Écris un message court aux passagers du bateau de nuit et nomme le quai dans la première ligne." => Some("French");
        spanish: "Escribe un mensaje corto para los pasajeros del barco de la noche y nombra el muelle en la primera línea." => Some("Spanish");
        italian: "Scrivi un breve messaggio per i passeggeri della nave della notte e indica il molo nella prima riga." => Some("Italian");
        dutch: "Schrijf een kort bericht voor de gasten van de nachtboot en noem de steiger in de eerste regel." => Some("Dutch");
        a_foreign_sample: "Translate the card for the panel. For example, \"ein Topf Milch mit ein wenig Salz\" is \"a pot of milk with a little salt\"." => None;
    }
}
