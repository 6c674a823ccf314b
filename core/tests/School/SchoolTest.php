<?php

declare(strict_types=1);

namespace JackRest\Core\Tests\School;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\School\Option;
use JackRest\Core\School\Overrule;
use JackRest\Core\School\Question;
use JackRest\Core\School\Questions;
use JackRest\Core\School\School;
use JackRest\Core\Tool\Need;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Core\Work\Operations;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SchoolTest extends TestCase
{
    /** @return iterable<string, array{Question, Option}> */
    public static function answers(): iterable
    {
        foreach (Questions::all() as $question) {
            foreach ($question->answers as $answer) {
                yield "{$question->id}: {$answer->id}" => [$question, $answer];
            }
        }
    }

    #[DataProvider('answers')]
    public function test_each_answer_says_why_and_names_only_what_exists(Question $question, Option $answer): void
    {
        self::assertMatchesRegularExpression('/^[A-Z0-9].+\.$/u', $answer->because);
        $effect = $answer->effect;
        $kinds = [
            ...$effect->prefers,
            ...$effect->leavesOut,
            ...$effect->buys,
            ...array_keys($effect->sizes),
            ...array_filter([$effect->hones, $answer->shownBy()], is_string(...)),
        ];
        self::assertSame([], array_values(array_diff($kinds, array_keys(ToolKinds::all()))));
        self::assertSame([], array_values(array_diff(array_keys($effect->minGrades), array_keys(Operations::all()))));
        self::assertSame($answer, (new School([$question->id => $answer->id]))->answer($question));
    }

    public function test_an_answer_is_shown_by_the_tool_that_it_comes_down_to(): void
    {
        $kind = static fn (string $question, string $answer): ?string => (new School([$question => $answer]))
            ->answer(Questions::all()[$question])
            ->shownBy();
        self::assertSame('smoothing-plane', $kind('bench-plane', 'smoother'));
        self::assertSame('oilstones', $kind('media', 'oilstone'));
        self::assertSame('honing-guide', $kind('angle', 'guide'));
        self::assertSame('backed-pull-saw', $kind('saws', 'pull'));
        self::assertSame('dovetail-saw', $kind('dovetail-pitch', 'fine'));
        self::assertNull($kind('spend', 'steady'));
    }

    public function test_the_first_answer_stands_until_another_is_chosen(): void
    {
        $school = new School();
        foreach (Questions::all() as $question) {
            self::assertSame($question->answers[0], $school->answer($question));
        }
    }

    public function test_pull_saws_leave_push_saws_out(): void
    {
        self::assertTrue((new School())->offers('dovetail-saw'));
        self::assertFalse((new School(['saws' => 'pull']))->offers('dovetail-saw'));
        self::assertTrue((new School(['saws' => 'pull']))->offers('fine-pull-saw'));
    }

    public function test_any_tool_can_be_overruled(): void
    {
        $school = new School(
            ['saws' => 'pull'],
            ['dovetail-saw' => Overrule::Offer, 'mallet' => Overrule::Buy, 'coping-saw' => Overrule::LeaveOut],
        );
        self::assertTrue($school->offers('dovetail-saw'));
        self::assertFalse($school->offers('coping-saw'));
        self::assertFalse($school->makes(ToolKinds::named('mallet')));
        self::assertTrue((new School())->makes(ToolKinds::named('mallet')));
    }

    public function test_metal_squares_are_bought(): void
    {
        self::assertTrue((new School())->makes(ToolKinds::named('try-square')));
        self::assertFalse((new School(['squares' => 'metal']))->makes(ToolKinds::named('try-square')));
        self::assertFalse((new School())->makes(ToolKinds::named('bench-vice')));
    }

    public function test_prices_and_running_costs_shift(): void
    {
        self::assertSame(
            [0.5, 1.1],
            [
                (new School(['spend' => 'second-hand']))->priceFactor(),
                (new School(['spend' => 'second-hand']))->runningFactor(),
            ],
        );
        self::assertSame(1.0, (new School())->priceFactor());
    }

    public function test_the_medium_decides_who_sharpens(): void
    {
        self::assertSame('oilstones', (new School(['media' => 'oilstone']))->givers(Need::Hone)[0]);
        self::assertSame(['planing-stop', 'bench-vice'], array_slice((new School())->givers(Need::Hold), 0, 2));
        self::assertTrue((new School(['angle' => 'guide']))->guides());
    }

    public function test_a_school_may_ask_for_more_or_less_than_the_work(): void
    {
        self::assertSame(4, (new School())->minGrade('smooth', 3));
        self::assertSame(2, (new School(['surface' => 'sanded']))->minGrade('smooth', 3));
        self::assertSame(3, (new School())->minGrade('bore', 3));
    }

    public function test_defaults_follow(): void
    {
        self::assertSame(['tpi' => 18.0], (new School(['dovetail-pitch' => 'fine']))->sizes('dovetail-saw'));
        self::assertTrue((new School(['spend' => 'next-job']))->nextWorkOnly());
        self::assertTrue((new School(['measuring' => 'transfer']))->prefers('story-stick'));
    }

    public function test_a_question_or_an_answer_nobody_knows_is_refused(): void
    {
        foreach ([['colour' => 'red'], ['saws' => 'chain']] as $answers) {
            try {
                new School($answers);
                self::fail('It took what it should refuse.');
            } catch (InvalidInput $wrong) {
                self::assertSame('answers.'.array_key_first($answers), $wrong->errors[0]->field);
            }
        }
    }
}
