<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Reference\Flat;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\Truing\Flat\Grid;
use JackRest\Core\Truing\Instrument;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Reference\Flat\FlatForm;
use JackRest\Desk\Reference\ReferenceKind;
use JackRest\Desk\Reference\TypedTest;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A sole, a stone or a board as its lines are read. */
final class FlatFormTest extends TestCase
{
    private const FIGURES = [
        'length' => '200',
        'width' => '70',
        'along' => '3',
        'across' => '3',
        'tolerance' => '0.05',
        'shaving' => '0.05',
    ];

    /**
     * @param  array<string, list<string>>  $gaps
     * @param  array<string, string>  $figures
     */
    private static function form(
        array $gaps,
        array $figures = [],
        ReferenceKind $kind = ReferenceKind::Sole,
        float $resolution = 0.01,
    ): FlatForm {
        // A sheet of paper is as thick as its user says.
        $format = new LengthFormatter(LengthUnit::Millimetre, paperMm: $resolution);

        return FlatForm::of(
            $kind,
            new TypedTest([...self::FIGURES, ...$figures], $gaps, instrument: Instrument::Paper),
            $format,
        );
    }

    /**
     * Every line that crosses the middle shows the gap there.
     *
     * @return array<string, list<string>>
     */
    private static function hollow(string $gap): array
    {
        $gaps = [];
        foreach ((new Grid(200, 70, 3, 3))->lines() as $line) {
            $gaps[$line->id] = array_map(
                static fn (int $node): string => $node === 4 ? $gap : '0',
                $line->nodes,
            );
        }

        return $gaps;
    }

    public function test_it_asks_for_the_diagonals_first(): void
    {
        self::assertSame(
            'Lay the straightedge diagonally from the near left. Type the gap at each place, 0 where no light '.
                'shows.',
            self::form([])->next()->says,
        );
        self::assertStringContainsString(
            'diagonally from the near right',
            self::form(['diagonal-0' => ['0', '0.1', '0']])->next()->says,
        );
    }

    #[
        TestWith([
            ReferenceKind::Sole,
            'Take 0.10 mm off its rim all round, nothing off the middle: pull it one way over abrasive paper on a '.
            'flat, iron in and backed off. Test again.',
        ]),
    ]
    #[
        TestWith([
            ReferenceKind::Stone,
            'Flatten it: 0.10 mm comes off its rim all round, nothing off the middle. Pencil a grid on it, rub until '.
            'none is left, test again.',
        ]),
    ]
    #[
        TestWith([
            ReferenceKind::Board,
            'Take 2 shavings off its rim all round, nothing off the middle, fewer the lower it stands. '
                .'Then test again.',
        ]),
    ]
    public function test_each_is_worked_down_in_its_own_way(ReferenceKind $kind, string $says): void
    {
        $form = self::form(self::hollow('0.1'), kind: $kind);
        self::assertSame(Verdict::Outside, $form->verdict());
        self::assertSame([$says, true], [$form->next()->says, $form->next()->takeOff]);
        self::assertEqualsWithDelta(-0.1, $form->errorMm(), 1e-6);
        self::assertSame('hollow', $form->found());
    }

    public function test_flat_enough_is_left_alone(): void
    {
        self::assertSame(
            'Leave it alone: it is flat enough for this work.',
            self::form(self::hollow('0.02'))->next()->says,
        );
    }

    /** A rule reads to 0.25 mm: nothing can be told of 0.05 with it, however many lines are laid. */
    public function test_when_it_cannot_tell_it_asks_for_more_lines_then_for_something_finer(): void
    {
        $gaps = self::hollow('0.1');
        self::assertStringStartsWith(
            'Too near your tolerance to tell.',
            self::form($gaps, resolution: 0.25)->next()->says,
        );
        unset($gaps['across-1']);
        self::assertSame(
            'Can’t tell yet. Lay the straightedge across the middle too.',
            self::form($gaps, resolution: 0.25)->next()->says,
        );
    }

    #[TestWith(['-0.1', '0 or more'])]
    #[TestWith(['30', 'far smaller than the thing itself'])]
    #[TestWith(['a bit', 'is not a length'])]
    public function test_what_cannot_be_stands_beside_its_field(string $gap, string $says): void
    {
        $form = self::form(['diagonal-0' => ['0', $gap, '0']]);
        self::assertStringContainsString($says, (string) $form->gaps['diagonal-0'][1]->error);
        self::assertNull($form->surface);
        self::assertStringStartsWith('Correct the reading', $form->next()->says);
    }

    /** 0.1 inch typed where 0.1 mm was meant. */
    public function test_the_other_unit_is_asked_about(): void
    {
        $gap = self::form(['diagonal-0' => ['0', '2.54', '0']])->gaps['diagonal-0'][1];
        self::assertSame(
            ['That wide a gap shows without a test. Is the unit right?', '0.1'],
            [$gap->doubt, $gap->instead],
        );
    }

    public function test_places_are_odd_so_that_the_diagonals_meet(): void
    {
        self::assertSame(
            'Read at 3, 5, 7 or 9 places along.',
            self::form([], ['along' => '4'])->form->readings['along']->error,
        );
        self::assertSame(
            'Read at 3 or 5 places across.',
            self::form([], ['across' => '4'])->form->readings['across']->error,
        );
    }

    public function test_it_is_explained(): void
    {
        self::assertSame('9 places, 0.10 mm', self::form(self::hollow('0.1'))->explained()[0]->numbers);
        self::assertSame([], self::form([])->explained());
    }
}
