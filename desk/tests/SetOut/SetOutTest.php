<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\SetOut;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\School\School;
use JackRest\Core\Timber\Hardness;
use JackRest\Core\Work\Patterns;
use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\Hands;
use JackRest\Desk\SetOut\OfWork;
use JackRest\Desk\SetOut\SetOutQuestion;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\ToolSetting;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SetOutTest extends TestCase
{
    use AsksSetOut;

    /** @return iterable<string, array{SetOutQuestion}> */
    public static function questions(): iterable
    {
        foreach (SetOutQuestion::cases() as $question) {
            yield $question->value => [$question];
        }
    }

    /** With nothing typed, by hands that own much and by hands that own nothing, in both units. */
    #[DataProvider('questions')]
    public function test_each_question_answers_as_it_stands(SetOutQuestion $question): void
    {
        foreach ([self::hands(), new Hands([], new School())] as $hands) {
            foreach (LengthUnit::cases() as $unit) {
                $form = $question->answered([], [], $hands, new LengthFormatter($unit));
                self::assertNotNull($form->answer, $form->next->says);
                self::assertNotSame([], $form->answer->views);
                self::assertNotSame('', $form->next->says);
                foreach ($form->answer->views as $view) {
                    self::isDrawnInside($view);
                }
            }
        }
    }

    /** Every kind of work that asks it fills it with numbers that can be set out. */
    #[DataProvider('questions')]
    public function test_each_work_fills_the_questions_it_asks(SetOutQuestion $question): void
    {
        $asked = 0;
        foreach (Patterns::all() as $pattern) {
            $usual = [];
            foreach ($pattern->measures as $measure) {
                $usual[$measure->name] = $measure->usual;
            }
            $numbers = new OfWork($pattern->id, $usual);
            if (! in_array($question, $numbers->asks(), true)) {
                continue;
            }
            $asked++;
            $form = $question->answered(
                [],
                $numbers->chosen($question),
                self::hands(),
                self::mm(),
                $numbers->usual($question),
            );
            self::assertNotNull($form->answer, "$pattern->id: {$form->next->says}");
        }
        $isForAll = in_array($question, [SetOutQuestion::Fence, SetOutQuestion::Saw], true);
        self::assertTrue($asked > 0 || $isForAll);
    }

    /** A rebate wider than the iron takes the fence twice: each pass has its own line on the card. */
    public function test_each_pass_of_a_recess_has_its_own_setting(): void
    {
        $plane = new ToolAtHand('rebate', 'rebate-plane', 'rebate plane', ['iron' => 12.0]);
        $form = SetOutQuestion::Recess->answered(
            ['width' => '20', 'depth' => '8', 'edge' => '0'],
            [],
            new Hands([$plane], new School()),
            self::mm(),
        );
        self::assertSame(
            ['iron', 'from the edge, pass 1', 'depth, on both ends', 'from the edge, pass 2'],
            array_map(static fn (ToolSetting $one): string => $one->for, $form->answer->settings ?? []),
        );
        self::assertCount(2, $form->answer->steps ?? []);
    }

    public function test_the_slope_is_the_schools_and_the_woods(): void
    {
        $slope = static fn (string $answer, Hardness $wood): float => (new Hands(
            [],
            new School(['tail-slope' => $answer]),
            $wood,
        ))->slope();
        self::assertSame([7.0, 6.0, 8.0], [
            $slope('seven', Hardness::Soft), $slope('by-wood', Hardness::Soft), $slope('by-wood', Hardness::Hard),
        ]);
        self::assertEqualsWithDelta(4.01, $slope('fourteen', Hardness::Soft), 0.001);
    }

    public function test_what_cannot_be_cut_is_said_beside_its_figure(): void
    {
        $form = self::asked(SetOutQuestion::Dovetails, ['slope' => '2', 'tails' => '5']);
        self::assertNull($form->answer);
        self::assertStringContainsString('vanish at the baseline', (string) $form->form->readings['slope']->error);
        self::assertStringContainsString('gentler', $form->next->says);

        $deep = self::asked(SetOutQuestion::Recess, ['depth' => '20']);
        self::assertStringContainsString('wood is thick', (string) $deep->form->readings['depth']->error);
        $through = self::asked(SetOutQuestion::Boring, ['depth' => '30'], choices: ['how' => 'depth']);
        self::assertNotNull($through->form->readings['depth']->error);
        $typo = self::asked(SetOutQuestion::Mortise, ['stock' => 'thick']);
        self::assertNotNull($typo->form->readings['stock']->error);
        self::assertNull($typo->answer);
    }

    public function test_a_tenon_too_thick_is_fitted_by_counted_shavings(): void
    {
        $form = self::asked(SetOutQuestion::Mortise, ['tenon' => '10.24', 'shaving' => '0.04']);
        self::assertContains('The tenon is 0.24 mm too thick: 3 off each cheek, then try.', $form->answer->lines ?? []);
        $thin = self::asked(SetOutQuestion::Mortise, ['tenon' => '9.5']);
        self::assertStringContainsString('too thin', implode(' ', $thin->answer->lines ?? []));
    }

    public function test_a_saw_too_shallow_for_the_cheek_is_said_here(): void
    {
        $deep = self::asked(SetOutQuestion::Mortise, ['depth' => '60', 'stock' => '40', 'railWidth' => '120']);
        self::assertStringContainsString('45 mm under its back', $deep->answer->lines[0] ?? '');
        self::assertStringContainsString('saw from both edges', $deep->answer->lines[0] ?? '');
    }

    /** Of the planes at hand the one with the fewest cautions, then passes; a plough cannot work across the grain. */
    public function test_the_planes_at_hand_stand_side_by_side(): void
    {
        $along = self::asked(SetOutQuestion::Recess, ['edge' => '10']);
        self::assertSame(['Plough plane'], array_map(
            static fn (SetOutRow $row): string => $row->name,
            $along->answer->rows ?? [],
        ));
        $edge = self::asked(SetOutQuestion::Recess, []);
        self::assertSame(['Moving fillister', 'Plough plane'], array_map(
            static fn (SetOutRow $row): string => $row->name,
            $edge->answer->rows ?? [],
        ));
        $dado = self::asked(SetOutQuestion::Recess, ['edge' => '90'], choices: ['grain' => 'across']);
        self::assertSame([], $dado->answer->rows ?? []);
        self::assertSame('None of your planes cuts it: a dado plane would.', $dado->next->says);
        self::assertStringContainsString('Clamp a batten 90 mm from the edge.', $dado->next->why);
    }

    public function test_turns_are_told_in_quarters_and_shavings_until_they_are_measured(): void
    {
        $through = self::asked(SetOutQuestion::Boring, []);
        self::assertSame('20 turns', self::setTo($through, 'brace'));
        self::assertStringContainsString('5¼ turns more', $through->next->why);
        $far = self::asked(SetOutQuestion::Shavings, ['from' => '26', 'pack' => '1', 'resolution' => '0.1']);
        self::assertMatchesRegularExpression('/^Take \d+ shavings, then measure again\.$/', $far->next->says);
    }

    public function test_a_fence_out_of_parallel_says_which_end_moves(): void
    {
        $form = self::asked(SetOutQuestion::Fence, ['front' => '20.4', 'rear' => '20']);
        self::assertSame('Bring the front in by 0.40 mm.', $form->next->says);
        $wanted = self::asked(SetOutQuestion::Fence, ['front' => '20', 'rear' => '20', 'wanted' => '20']);
        // The iron of 6 stands out 1.5 on either side of a skate of 3.
        self::assertSame('Move the front 1.50 mm out and the rear 1.50 mm out.', $wanted->next->says);
    }

    public function test_a_cheek_s_surplus_is_drawn_larger_and_a_brace_is_held_against_its_bit(): void
    {
        $views = self::asked(SetOutQuestion::Mortise, ['tenon' => '10.4'])->answer->views ?? [];
        // Near cheek at 7 mm; 0.2 mm on it, ten times larger.
        self::assertEqualsWithDelta(5.0, $views[1]->hidden[0]->points[0][0], 1e-9);
        $hands = new Hands([new ToolAtHand('b', 'brace', 'brace', ['sweep' => 200])], new School(), Hardness::Hard);
        $says = implode(' ',
            SetOutQuestion::Boring->answered(['bit' => '50'], [], $hands, self::mm())->answer->lines ?? []);
        self::assertStringContainsString('the largest here is 200 mm', $says);
    }

    /** By transfer no number is read, so its chain is the shorter one. */
    public function test_transfer_and_numbers_are_held_against_what_the_joint_bears(): void
    {
        foreach ([SetOutQuestion::Dovetails, SetOutQuestion::Mortise] as $question) {
            [$transfer, $numbers] = self::asked($question, [])->answer->chains ?? [];
            self::assertSame(['By transfer', 'By numbers'], [$transfer->name, $numbers->name]);
            self::assertStringContainsString('can bear it', $transfer->says);
            self::assertStringContainsString('more than this joint can bear', $numbers->says);
            self::assertNotSame($transfer->isTaken, $numbers->isTaken);
        }
    }

    public function test_saws_stand_side_by_side_for_a_cut(): void
    {
        $form = self::asked(SetOutQuestion::Saw, []);
        self::assertSame(['dovetail saw'], array_map(
            static fn (SetOutRow $row): string => $row->name,
            $form->answer->rows ?? [],
        ));
        self::assertStringContainsString('No saw hangs here yet', SetOutQuestion::Saw->answered(
            [],
            [],
            new Hands([], new School()),
            self::mm(),
        )->next->says);
    }

    public function test_a_haunch_fills_a_part_of_the_shoulder_above(): void
    {
        $corners = static function (string $haunch): int {
            $views = self::asked(SetOutQuestion::Mortise, ['top' => '12', 'haunch' => $haunch])->answer->views ?? [];

            return count($views[2]->seen[0]->points);
        };
        self::assertSame($corners('0') + 1, $corners('8'));
    }

    private static function isDrawnInside(View $view): void
    {
        self::assertGreaterThan(0, $view->width);
        self::assertGreaterThan(0, $view->height);
        foreach ([...$view->seen, ...$view->hidden] as $path) {
            foreach ($path->points as [$x, $y]) {
                self::assertTrue(
                    $x >= -0.01 && $x <= $view->width + 0.01 && $y >= -0.01 && $y <= $view->height + 0.01,
                    "$view->name: $x, $y in $view->width × $view->height",
                );
            }
        }
    }
}
