<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Filing;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Filing\FilingStep;
use JackRest\Desk\Filing\ScraperForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A card scraper turned and held. */
final class ScraperFormTest extends TestCase
{
    /**
     * @param  array<string, string>  $typed
     * @param  list<int>  $before
     */
    private static function form(
        array $typed = [],
        bool $isFiled = true,
        int $since = 0,
        array $before = [],
    ): ScraperForm {
        return ScraperForm::of(
            $typed + ['tilt' => '10', 'free' => '5', 'thickness' => '0.8'],
            $isFiled,
            $since,
            $before,
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    public function test_filed_anew_or_only_turned_again(): void
    {
        $tools = static fn (ScraperForm $form): array => array_map(
            static fn (FilingStep $step): string => $step->tool,
            $form->steps(),
        );
        self::assertSame(['mill file', 'fine stone', 'burnisher', 'burnisher'], $tools(self::form()));
        self::assertSame(['burnisher', 'burnisher'], $tools(self::form(isFiled: false)));
        self::assertStringStartsWith('File, hone, draw out and turn it: ', self::form()->next()->says);
    }

    /** Tilted 10°, 5° kept free: leaned 15°, below 10° it does not cut. */
    public function test_how_it_is_held(): void
    {
        self::assertStringContainsString(
            'Then lean it 15° forward; below 10° it does not cut.',
            self::form()->next()->why,
        );
        self::assertCount(2, self::form()->how());
    }

    /**
     * The median of the days between earlier turnings.
     *
     * @param  list<int>  $before
     */
    #[TestWith([0, [], 'how long a burr lasts is told once it was turned twice'])]
    #[TestWith([1, [4], 'Used on one day since; your burrs last about 4 days of use.'])]
    #[TestWith([2, [4, 2, 9], 'your burrs last about 4 days of use.'])]
    #[TestWith([2, [4, 2, 9, 5], 'your burrs last about 4.5 days of use.'])]
    #[TestWith([4, [4, 2, 9], 'It will be due.'])]
    public function test_how_long_a_burr_lasts(int $since, array $before, string $says): void
    {
        self::assertStringContainsString($says, self::form(since: $since, before: $before)->lasts());
    }

    #[TestWith(['tilt', '60', 'between 0° and 45°'])]
    #[TestWith(['free', '40', 'Between 0° and 30°'])]
    #[TestWith(['thickness', '9', 'A card is between'])]
    public function test_what_cannot_be_is_refused(string $field, string $typed, string $part): void
    {
        $form = self::form([$field => $typed]);
        self::assertStringContainsString($part, (string) $form->form->readings[$field]->error);
        self::assertFalse($form->isSound());
    }

    public function test_without_a_tilt_it_asks(): void
    {
        self::assertSame([], self::form(['tilt' => ''])->steps());
        self::assertSame('Say how far you tilt the burnisher.', self::form(['tilt' => ''])->next()->says);
    }
}
