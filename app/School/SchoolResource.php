<?php

declare(strict_types=1);

namespace App\School;

use App\Http\Answer\ToolOutlineAnswer;
use App\Http\OutlineResource;
use App\School\Answer\OverruleAnswer;
use App\School\Answer\SchoolAnswer;
use App\School\Answer\SchoolAnswerAnswer;
use App\School\Answer\SchoolQuestionAnswer;
use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Outline\Outlines;
use JackRest\Core\School\Option;
use JackRest\Core\School\Overrule;
use JackRest\Core\School\Question;
use JackRest\Core\School\Questions;
use JackRest\Core\Tool\ToolKinds;

/** How this bench chooses its tools. */
final class SchoolResource
{
    public static function of(KitSettings $settings): SchoolAnswer
    {
        $school = $settings->school();

        return new SchoolAnswer(
            version: $settings->version,
            questions: array_values(
                array_map(
                    static fn (Question $question): SchoolQuestionAnswer => new SchoolQuestionAnswer(
                        id: $question->id,
                        asks: $question->asks,
                        answer: $school->answer($question)->id,
                        answers: array_map(
                            static fn (Option $answer): SchoolAnswerAnswer => new SchoolAnswerAnswer(
                                id: $answer->id,
                                name: $answer->name,
                                because: $answer->because,
                                outline: self::outline($answer),
                            ),
                            $question->answers,
                        ),
                    ),
                    Questions::all(),
                ),
            ),
            overrules: array_map(
                static fn (string $kind, string $overrule): OverruleAnswer => new OverruleAnswer(
                    kind: $kind,
                    name: ToolKinds::named($kind)->name,
                    overrule: $overrule,
                    label: Overrule::from($overrule)->label(),
                ),
                array_keys($settings->overrules),
                array_values($settings->overrules),
            ),
            perMonth: $settings->per_month,
            budget: $settings->budget,
            floor: $settings->floor,
        );
    }

    /** Of the tool that an answer comes down to, as large as is usual by it. */
    private static function outline(Option $answer): ?ToolOutlineAnswer
    {
        $kind = $answer->shownBy();

        return $kind === null
            ? null
            : OutlineResource::small(
                Outlines::ofTool(
                    new ToolAtHand('', $kind, ToolKinds::named($kind)->name, $answer->effect->sizes[$kind] ?? []),
                ),
            );
    }
}
