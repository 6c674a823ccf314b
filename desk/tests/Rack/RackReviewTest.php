<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Rack;

use JackRest\Core\Abrasive\Flatness;
use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Edge\HoningStone;
use JackRest\Core\Rack\Costs;
use JackRest\Core\Rack\RackStone;
use JackRest\Desk\Rack\PrintedScale;
use JackRest\Desk\Rack\RackGap;
use JackRest\Desk\Rack\RackNote;
use JackRest\Desk\Rack\RackReview;
use JackRest\Desk\Rack\StoneForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The rack: what it holds twice, where it jumps, how a stone really cuts, what an edge costs. */
final class RackReviewTest extends TestCase
{
    private static function piece(
        string $name,
        float $um,
        Medium $medium = Medium::Waterstone,
        ?float $price = null,
        ?int $lasts = null,
        int $sinceFlat = 0,
    ): RackStone {
        return new RackStone(
            new HoningStone($name, $name, GritScale::Micron, (string) $um, 1, 20, $medium),
            $price,
            $lasts,
            0,
            $sinceFlat,
        );
    }

    /** @return list<array{string, string}> */
    private static function notes(RackReview $review): array
    {
        return array_map(
            static fn (RackNote $note): array => [$note->kind, implode(' ', $note->stones)],
            $review->notes(),
        );
    }

    public function test_two_of_one_size_and_a_wide_jump_are_seen(): void
    {
        $review = new RackReview([
            self::piece('a', 50),
            self::piece('b', 10),
            self::piece('c', 9),
            self::piece('d', 1),
        ]);

        self::assertSame([['double', 'b c'], ['jump', 'c d']], self::notes($review));
        self::assertSame(
            ['step', 'double', 'jump'],
            array_map(static fn (RackGap $gap): string => $gap->kind(), $review->gaps()),
        );
        self::assertSame(
            ['×5', '×1.1', '×9'],
            array_map(static fn (RackGap $gap): string => $gap->label(), $review->gaps()),
        );
    }

    public function test_the_twelvefold_jump_is_said_in_the_words_of_the_trade(): void
    {
        $note = (new RackReview([
            self::piece('coarse plate', 12, Medium::DiamondPlate),
            self::piece('finest stone', 1),
        ]))->notes()[0];
        self::assertSame(
            'A jump of ×12 from the coarse plate to the finest stone: fine for a narrow bevel, not for a back.',
            $note->says,
        );
    }

    /** Exactly a fifth apart still counts as the same; exactly six times is a jump already. */
    #[TestWith([12.0, 10.0, 'double'])]
    #[TestWith([12.1, 10.0, 'step'])]
    #[TestWith([59.0, 10.0, 'step'])]
    #[TestWith([60.0, 10.0, 'jump'])]
    public function test_the_limits_of_same_and_of_wide(float $coarse, float $fine, string $kind): void
    {
        self::assertSame($kind, (new RackGap(self::piece('a', $coarse), self::piece('b', $fine)))->kind());
    }

    public function test_strop_wheel_and_file_are_no_step_of_the_ladder(): void
    {
        $review = new RackReview([
            self::piece('wheel', 180, Medium::Wheel),
            self::piece('stone', 10),
            self::piece('strop', 0.5, Medium::Strop),
            self::piece('file', 100, Medium::File),
        ]);
        self::assertSame([], $review->gaps());
        self::assertSame([], $review->notes());
    }

    public function test_oil_and_water_are_kept_apart_and_soft_iron_off_diamond(): void
    {
        $rack = [
            self::piece('oil', 30, Medium::Oilstone),
            self::piece('water', 10),
            self::piece('plate', 20, Medium::DiamondPlate),
        ];
        self::assertSame([['company', 'oil water']], self::notes(new RackReview($rack)));
        self::assertSame(
            [['company', 'oil water'], ['company', 'plate']],
            self::notes(new RackReview($rack, laminated: true)),
        );
    }

    public function test_flattening_falls_due_by_school(): void
    {
        $rack = [
            self::piece('soft', 10, sinceFlat: 4),
            self::piece('hard', 9, Medium::Oilstone, sinceFlat: 59),
            self::piece('plate', 40, Medium::DiamondPlate, sinceFlat: 500),
        ];
        $review = new RackReview([$rack[0], $rack[2]]);
        self::assertSame([['flatten', 'soft']], self::notes($review));
        self::assertStringStartsWith('Flatten the soft: 4 edges since it was last flat.', $review->next()->says);
        self::assertNull(RackReview::flatten($rack[1], Flatness::EveryFew), 'an oilstone stays flat for sixty');
        self::assertSame(
            [],
            self::notes(new RackReview([$rack[0]], false, Flatness::EachTime)),
            'flattened each time it is never due',
        );
        self::assertEquals(
            [10, 0],
            [Flatness::EachTime->secondsEachUse(Medium::Waterstone), Flatness::EachTime->secondsEachUse(Medium::Film)],
        );
    }

    public function test_an_empty_rack_says_how_to_begin(): void
    {
        self::assertSame('Add the first stone.', (new RackReview([]))->next()->says);
        self::assertSame(
            'Nothing to do: every stone is flat enough.',
            (new RackReview([self::piece('a', 10)]))->next()->says,
        );
    }

    public function test_a_piece_is_read_by_what_is_printed_on_it(): void
    {
        $form = StoneForm::of('', Medium::Waterstone, PrintedScale::Jis, '1000', '');
        self::assertSame(['1000 stone', 11.5, true], [$form->name, $form->particleUm, $form->isSound()]);
        self::assertStringStartsWith('11.5 µm, near P', (string) $form->elsewhere());
        $paper = StoneForm::of(' ', Medium::Paper, PrintedScale::FepaP, '800', '');
        self::assertSame('P800 abrasive paper', $paper->name);
    }

    #[TestWith(['', 'designation', 'Type what is printed on it'])]
    #[TestWith(['fine', 'designation', ''])]
    #[TestWith(['-5', 'designation', ''])]
    public function test_what_cannot_be_read_is_said_beside_its_field(
        string $designation,
        string $field,
        string $part,
    ): void {
        $form = StoneForm::of('x', Medium::Waterstone, PrintedScale::Jis, $designation, '');
        self::assertFalse($form->isSound());
        self::assertNull($form->elsewhere());
        try {
            $form->stone(null);
            self::fail('It was taken.');
        } catch (InvalidInput $wrong) {
            self::assertSame($field, $wrong->errors[0]->field);
            self::assertStringContainsString($part, $wrong->errors[0]->message);
        }
    }

    #[TestWith(['0'])]
    #[TestWith(['many'])]
    public function test_a_piece_that_lasts_for_nothing_is_refused(string $lasts): void
    {
        $form = StoneForm::of('', Medium::Paper, PrintedScale::FepaP, '800', $lasts);
        self::assertFalse($form->isSound());
        $this->expectException(InvalidInput::class);
        $form->stone(1.0);
    }
}
