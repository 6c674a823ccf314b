<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\SetOut;

use JackRest\Desk\Making\View;
use JackRest\Desk\SetOut\OfWork;
use JackRest\Desk\SetOut\SetOutQuestion;
use JackRest\Desk\SetOut\SetOutRow;
use JackRest\Desk\SetOut\ToolSetting;
use LogicException;
use PHPUnit\Framework\TestCase;

/** Dovetails set out: their lines, gauges and drawings. */
final class DovetailsTest extends TestCase
{
    use AsksSetOut;

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
}
