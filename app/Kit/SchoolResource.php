<?php

declare(strict_types=1);

namespace App\Kit;

use JackRest\Core\School\Answer;
use JackRest\Core\School\Overrule;
use JackRest\Core\School\Question;
use JackRest\Core\School\Questions;
use JackRest\Core\Tool\ToolKinds;

/** How this bench chooses its tools. */
final class SchoolResource
{
    /** @return array<string, mixed> */
    public static function of(KitSettings $settings): array
    {
        $school = $settings->school();

        return [
            'version' => $settings->version,
            'questions' => array_values(
                array_map(
                    static fn (Question $question): array => [
                        'id' => $question->id,
                        'asks' => $question->asks,
                        'answer' => $school->answer($question)->id,
                        'answers' => array_map(
                            static fn (Answer $answer): array => [
                                'id' => $answer->id,
                                'name' => $answer->name,
                                'because' => $answer->because,
                            ],
                            $question->answers,
                        ),
                    ],
                    Questions::all(),
                ),
            ),
            'overrules' => array_map(
                static fn (string $kind, string $overrule): array => [
                    'kind' => $kind,
                    'name' => ToolKinds::named($kind)->name,
                    'overrule' => $overrule,
                    'label' => Overrule::from($overrule)->label(),
                ],
                array_keys($settings->overrules),
                array_values($settings->overrules),
            ),
            'perMonth' => $settings->per_month,
            'budget' => $settings->budget,
            'floor' => $settings->floor,
        ];
    }
}
