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
use JackRest\Desk\SetOut\SetOutForm;
use JackRest\Desk\SetOut\SetOutQuestion;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\ToolSetting;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SetOutTest extends TestCase
{
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

    public function test_the_hive_bodies_dovetails_come_from_their_own_numbers(): void
    {
        $numbers = new OfWork('dovetailed-box', [
            'length' => 460.0, 'height' => 240.0, 'thickness' => 22.0, 'pin' => 8.0, 'rebate' => 11.0, 'tails' => 5.0,
        ]);
        $form = self::asked(SetOutQuestion::Dovetails, [], $numbers->usual(SetOutQuestion::Dovetails));
        self::assertSame('Set the gauge to 22 mm and run the baseline round the tail board.', $form->next->says);
        // (240 − 2 · 8 + 8) ÷ 5
        self::assertSame('46.40 mm', self::setTo($form, 'dividers'));
        self::assertSame('6 mm', self::setTo($form, 'chisel'));
        self::assertSame(
            ['3 tails', '4 tails', '5 tails', '6 tails', '7 tails', 'Narrowest pins', 'Equal half way down',
                'Graded'],
            array_map(static fn (SetOutRow $row): string => $row->name, $form->answer->rows ?? []),
        );
    }

    /** 19 mm at 1:7: tan 8.63° − tan 8.13° = 0.0089 a side; six knife lines: 6 · 0.03 at worst, √6 · 0.03 likely. */
    public function test_errors_of_dividers_template_and_knife_are_told_for_the_last_tail_and_corner(): void
    {
        $hands = self::hands();
        $form = SetOutQuestion::Dovetails->answered(['tails' => '3', 'slope' => '7'], [], $hands, self::mm());
        $said = implode(' ', $form->answer->lines ?? []);
        self::assertStringContainsString('Dividers set wrong by 0.10 mm put the last tail off by 0.20 mm.', $said);
        self::assertStringContainsString('makes every tail 0.34 mm narrower', $said);
        self::assertStringContainsString('over 6 sides to 0.18 mm at worst, 0.07 mm likely', $said);
        self::assertStringContainsString('opens the last by 0.40 mm at worst, 0.20 mm likely', $said);
    }

    /** A wanted width is met as nearly as whole tails can; the other ways are counted from it. */
    public function test_tails_are_divided_by_a_wanted_width_too(): void
    {
        // (89 − 12 + 6) ÷ (25 + 6) = 2.7: three tails of 21.7 mm
        $form = SetOutQuestion::Dovetails->answered(
            ['width' => '89', 'tail' => '25'],
            ['by' => 'width'],
            self::hands(),
            self::mm(),
        );
        self::assertSame('27.67 mm', self::setTo($form, 'dividers'));
        $taken = array_filter($form->answer->rows ?? [], static fn (SetOutRow $row): bool => $row->isTaken);
        self::assertSame(['3 tails'],
            array_values(array_map(static fn (SetOutRow $row): string => $row->name, $taken)));
    }

    /** Every way is drawn with as many tails as it names, graded ones the same from both edges. */
    public function test_each_way_is_drawn_with_its_own_tails(): void
    {
        foreach (range(3, 9) as $tails) {
            $form = self::asked(SetOutQuestion::Dovetails, ['width' => '240', 'tails' => (string) $tails]);
            foreach ($form->answer->rows ?? [] as $row) {
                self::assertNotNull($row->sketch, $row->name);
                preg_match_all('/([\d.]+) 0(?=[LZ])/', $row->sketch->outline, $ends);
                $named = preg_match('/^(\d+|One) tail/', $row->name, $own) === 1 ? max(1, (int) $own[1]) : $tails;
                self::assertCount(2 * $named, $ends[1], "$row->name of $tails");
                $places = array_map(floatval(...), $ends[1]);
                $sorted = $places;
                sort($sorted);
                self::assertSame($sorted, $places);
                foreach ($places as $index => $place) {
                    $mirrored = $row->sketch->widthMm - $places[count($places) - 1 - $index];
                    self::assertEqualsWithDelta($mirrored, $place, 0.11, $row->name);
                }
            }
        }
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

    public function test_half_blind_tails_stop_at_the_lap(): void
    {
        $typed = ['pinBoard' => '20', 'lap' => '5'];
        $form = self::asked(SetOutQuestion::Dovetails, $typed, choices: ['kind' => 'half-blind']);
        self::assertSame('Set the gauge to 15 mm and run the baseline round the tail board.', $form->next->says);
        self::assertSame(['15 mm', '15 mm', '19 mm'], array_map(
            static fn (ToolSetting $setting): string => $setting->to,
            array_slice($form->answer->settings ?? [], 0, 3),
        ));
        $none = self::asked(SetOutQuestion::Dovetails, ['lap' => '19'], choices: ['kind' => 'half-blind']);
        self::assertNotNull($none->form->readings['lap']->error);
        self::assertNull(self::asked(SetOutQuestion::Dovetails, ['lap' => '19'])->form->readings['lap']->error);
    }

    /** 1 mm left proud: tails are a millimetre longer, the pin board stays as thick as it is. */
    public function test_what_stands_proud_does_not_thicken_the_pin_board(): void
    {
        $pins = static function (string $proud): View {
            $form = self::asked(SetOutQuestion::Dovetails, ['proud' => $proud, 'slope' => '7']);

            return $form->answer->views[1] ?? throw new LogicException('It has no pin board.');
        };
        self::assertEqualsWithDelta($pins('0')->height, $pins('1')->height, 1e-9);
        // Its outside face lies one millimetre down the slope of 1:7, its inside face where the tails end.
        $half = static fn (string $proud): array => array_column($pins($proud)->seen[0]->points, 0);
        self::assertEqualsWithDelta(1 / 7, $half('1')[1] - $half('0')[1], 1e-6);
        self::assertEqualsWithDelta(1 / 7, $half('1')[2] - $half('0')[2], 1e-6);
    }

    /** Set out with the pins that are named equal, tail and pin are as wide half way down. */
    public function test_equal_pins_are_equal_half_way_down(): void
    {
        $row = array_column(self::asked(SetOutQuestion::Dovetails, [])->answer->rows ?? [], null, 'name');
        preg_match('/pins ([\d.]+) mm, tails ([\d.]+) mm/', $row['Equal half way down']->verdict, $wide);
        // 19 long at 1:7: each side has come in, or gone out, by half of 19/7.
        self::assertEqualsWithDelta((float) ($wide[1] ?? 0) + 19 / 7, (float) ($wide[2] ?? 0) - 19 / 7, 0.11);
    }

    /** Graded tails and their pins fill the board as equal ones do. */
    public function test_graded_tails_fill_the_board(): void
    {
        $form = self::asked(SetOutQuestion::Dovetails,
            ['width' => '120', 'tails' => '4', 'halfPin' => '6', 'pin' => '6']);
        $row = array_column($form->answer->rows ?? [], null, 'name')['Graded'];
        preg_match('/tails ([\d.]+) mm, ([\d.]+) mm from/', $row->verdict, $wide);
        self::assertEqualsWithDelta(120, 2 * ((float) ($wide[1] ?? 0) + (float) ($wide[2] ?? 0)) + 5 * 6, 0.3);
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

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, float>  $usual
     * @param  array<string, string>  $choices
     */
    private static function asked(
        SetOutQuestion $question,
        array $typed,
        array $usual = [],
        array $choices = [],
    ): SetOutForm {
        return $question->answered($typed, $choices, self::hands(), self::mm(), $usual);
    }

    private static function setTo(SetOutForm $form, string $tool): ?string
    {
        foreach ($form->answer->settings ?? [] as $setting) {
            if ($setting->tool === $tool) {
                return $setting->to;
            }
        }

        return null;
    }

    private static function mm(): LengthFormatter
    {
        return new LengthFormatter(LengthUnit::Millimetre);
    }

    private static function hands(): Hands
    {
        return new Hands([
            new ToolAtHand('1', 'bench-chisel', 'bevel-edge chisel, 6 mm', ['width' => 6]),
            new ToolAtHand('2', 'mortise-chisel', 'mortise chisel, 10 mm', ['width' => 10]),
            new ToolAtHand('3', 'dovetail-saw', 'dovetail saw', ['depth' => 45]),
            new ToolAtHand('4', 'plough-plane', 'plough plane', ['iron' => 6]),
            new ToolAtHand('5', 'moving-fillister', 'moving fillister', ['iron' => 38]),
            new ToolAtHand('6', 'auger-bits', 'set of auger bits', ['leadPitch' => 1.5]),
        ], new School());
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
