<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Kit;

use JackRest\Core\Kit\Article;
use JackRest\Core\Kit\Offer;
use JackRest\Core\Kit\Offers;
use JackRest\Core\Kit\ToolNamer;
use JackRest\Core\Kit\WantedTool;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Core\School\School;
use JackRest\Core\Tool\ToolKinds;
use JackRest\Desk\Kit\ToolForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ToolFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(string $kind, array $typed, LengthUnit $unit = LengthUnit::Millimetre): ToolForm
    {
        return ToolForm::of(ToolKinds::named($kind), $typed, '', new LengthFormatter($unit));
    }

    public function test_what_is_left_empty_is_usual(): void
    {
        $form = self::form('dovetail-saw', ['tpi' => '18']);
        self::assertSame([18.0, 45.0, 250.0], [$form->sizes['tpi'], $form->sizes['depth'], $form->sizes['length']]);
        self::assertSame(['tpi' => 18.0], $form->given);
        self::assertTrue($form->isSound());
    }

    public function test_a_wide_iron_comes_in_a_wide_body(): void
    {
        self::assertSame(72.0, self::form('jack-plane', ['iron' => '60'])->sizes['width']);
    }

    public function test_the_largest_follows_a_large_smallest(): void
    {
        self::assertSame(30.0, self::form('auger-bits', ['smallest' => '20', 'largest' => '30'])->sizes['largest']);
        self::assertTrue(self::form('plough-irons', ['iron' => '10', 'widest' => '10'])->isSound());
    }

    /** @param  array<string, string>  $typed */
    #[
        TestWith([
            'jack-plane',
            ['iron' => '60', 'width' => '55'],
            'iron',
            'The iron (60 mm) cannot be wider than the body (55 mm).',
        ]),
    ]
    #[
        TestWith([
            'auger-bits',
            ['smallest' => '20', 'largest' => '12'],
            'smallest',
            'The smallest cannot be larger than the largest.',
        ]),
    ]
    #[
        TestWith([
            'dovetail-saw',
            ['depth' => '120', 'length' => '110'],
            'depth',
            'A saw is longer than its plate is deep.',
        ]),
    ]
    #[
        TestWith([
            'dovetail-saw',
            ['plate' => '0.4', 'set' => '0.3'],
            'set',
            'A set of more than half the plate’s thickness breaks teeth.',
        ]),
    ]
    #[
        TestWith([
            'dovetail-saw',
            ['tpi' => '60'],
            'tpi',
            'Teeth per inch of a dovetail saw: 4 teeth per inch to 32 teeth per inch.',
        ]),
    ]
    #[TestWith(['bench-chisel', ['width' => '120'], 'width', 'Blade width of a bevel-edge chisel: 2 mm to 50 mm.'])]
    #[TestWith(['bench-chisel', ['width' => 'wide'], 'width', 'Type a length'])]
    public function test_conflicting_and_impossible_dimensions_get_one_sentence(
        string $kind,
        array $typed,
        string $field,
        string $sentence,
    ): void {
        $form = self::form($kind, $typed);
        self::assertFalse($form->isSound());
        self::assertStringContainsString(explode(' ', $sentence)[0], (string) $form->form->readings[$field]->error);
        self::assertTrue(
            $sentence === 'Type a length' || $sentence === $form->form->readings[$field]->error,
            (string) $form->form->readings[$field]->error,
        );
    }

    /** 0.5 typed for a chisel of 12.7 mm: the other unit is asked about. */
    public function test_the_other_unit_is_asked_about(): void
    {
        self::assertStringContainsString(
            'typed in the other unit?',
            (string) self::form('bench-chisel', ['width' => '0.5'])->form->readings['width']->error,
        );
        self::assertSame('12.7', self::form('bench-chisel', ['width' => '0.5'])->form->readings['width']->instead);
    }

    /** @param  array<string, string>  $typed */
    #[TestWith(['dovetail-saw', ['tpi' => '15'], 'dovetail saw, 250 mm, 15 teeth per inch'])]
    #[TestWith(['jack-plane', ['length' => '360'], 'jack plane, 360 mm sole, 50 mm iron'])]
    #[TestWith(['bench-chisel', ['width' => '18'], 'bevel-edge chisel, 18 mm'])]
    #[TestWith(['moving-fillister', ['nicker' => 'no'], 'moving fillister, 240 mm, 38 mm iron'])]
    #[TestWith(['dovetail-template', [], 'dovetail template, 8.1°'])]
    #[TestWith(['mallet', [], 'wooden mallet, 150 mm'])]
    public function test_a_tool_is_named_by_what_it_is(string $kind, array $typed, string $name): void
    {
        self::assertSame($name, self::form($kind, $typed)->name);
    }

    public function test_names_follow_the_unit(): void
    {
        self::assertSame(
            'bevel-edge chisel, 1/2 in',
            self::form('bench-chisel', ['width' => '1/2'], LengthUnit::Inch)->name,
        );
        self::assertSame(
            'bevel-edge chisel, 12 mm',
            (new ToolNamer())->plain(ToolKinds::named('bench-chisel'), ['width' => 12.0]),
        );
    }

    public function test_articles(): void
    {
        self::assertSame(
            ['a mallet', 'an auger bit file', 'waterstones'],
            array_map(Article::with(...), ['mallet', 'auger bit file', 'waterstones']),
        );
    }

    /** @return list<Offer> */
    private static function offersOf(string $kind, School $school, WantedTool ...$wanted): array
    {
        return array_values(
            array_filter(
                Offers::for(array_values($wanted), $school),
                static fn (Offer $offer): bool => $offer->kind === $kind,
            ),
        );
    }

    public function test_each_size_of_a_series_is_an_offer_and_ones_own_stands_for_its_size(): void
    {
        self::assertCount(5, self::offersOf('bench-chisel', new School()));
        $mine = new WantedTool('7', 'bench-chisel', 'mine', ['width' => 12.0], 15.0);
        $offers = self::offersOf('bench-chisel', new School(), $mine);
        self::assertCount(5, $offers);
        self::assertSame([15.0, true], [$offers[0]->price, $offers[0]->ownPrice]);
    }

    public function test_prices_follow_the_school(): void
    {
        self::assertSame(
            [75.0, 128.0, 38.0],
            array_map(static fn (School $school): float => self::offersOf('dovetail-saw', $school)[0]->price, [
                new School(),
                new School(['spend' => 'best-once']),
                new School(['spend' => 'second-hand']),
            ]),
        );
        self::assertSame(
            18.0,
            self::offersOf('dovetail-saw', new School(['dovetail-pitch' => 'fine']))[0]->sizes['tpi'],
        );
        self::assertSame([], self::offersOf('dovetail-saw', new School(['saws' => 'pull'])));
    }
}
