<?php

declare(strict_types=1);

namespace JackRest\Desk\Tests\Timber;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Measure\LengthUnit;
use JackRest\Desk\Form\TypedAir;
use JackRest\Desk\Timber\WoodMovementForm;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A piece of wood between two airs, as it is typed. */
final class WoodMovementFormTest extends TestCase
{
    /** @param  array<string, string>  $typed */
    private static function form(array $typed): WoodMovementForm
    {
        return WoodMovementForm::of(
            'black cherry',
            $typed + ['ring' => '0', 'width' => '100', 'mcBefore' => '8', 'mcAfter' => '12'],
            new LengthFormatter(LengthUnit::Millimetre),
        );
    }

    /** The board of `wood-movement`'s own check: 0.994 mm. */
    public function test_it_grows_and_shrinks_in_words(): void
    {
        self::assertSame('It grows 0.99 mm in its width.', self::form([])->next()->says);
        self::assertSame(
            'It shrinks 0.99 mm in its width.',
            self::form(['mcBefore' => '12', 'mcAfter' => '8'])->next()->says,
        );
        self::assertSame('It stays as it is.', self::form(['mcAfter' => '8'])->next()->says);
    }

    public function test_an_edge_that_turns_far_wants_testing(): void
    {
        self::assertStringStartsWith(
            'Its edge turns by 0.26 mm over its length: test it again',
            self::form(['length' => '300', 'runout' => '5'])->next()->why,
        );
        self::assertStringContainsString(
            'less than the work will show',
            self::form(['length' => '100', 'runout' => '1'])->next()->why,
        );
    }

    public function test_the_air_does_as_well_as_a_meter(): void
    {
        $form = self::form(['mcAfter' => '', 'tempAfter' => '20', 'rhAfter' => '65']);
        self::assertEqualsWithDelta(12.0, $form->movement->toMcPct ?? 0.0, 0.1);
        self::assertNull(self::form(['mcAfter' => '', 'tempAfter' => '20'])->movement);
        self::assertSame('Say how wide the piece is, and both airs.', self::form(['width' => ''])->next()->says);
    }

    #[TestWith(['21', 21.0, null, null])]
    #[TestWith(['21 °C', 21.0, null, null])]
    #[TestWith(['−5,5', -5.5, null, null])]
    #[TestWith(['68 °F', 20.0, null, null])]
    #[TestWith(['68f', 20.0, null, null])]
    public function test_temperatures_are_understood(
        string $typed,
        float $celsius,
        ?string $error,
        ?string $doubt,
    ): void {
        $figure = TypedAir::celsius($typed);
        self::assertEqualsWithDelta($celsius, (float) $figure->value, 1e-9);
        self::assertSame([$error, $doubt], [$figure->error, $figure->doubt]);
    }

    public function test_fahrenheit_without_its_letter_is_asked_about(): void
    {
        $figure = TypedAir::celsius('68');
        self::assertSame(['Is that °F? It would be 20 °C.', '20'], [$figure->doubt, $figure->instead]);
        self::assertNotNull(TypedAir::celsius('warm')->error);
        self::assertNotNull(TypedAir::celsius('-60')->error);
    }

    public function test_percentages_have_their_limits(): void
    {
        self::assertSame(
            'Humidity lies between 0 and 100 %.',
            self::form(['rhAfter' => '120'])->form->readings['rhAfter']->error,
        );
        self::assertStringContainsString(
            'fibres are saturated',
            (string) self::form(['mcAfter' => '40'])->form->readings['mcAfter']->error,
        );
        self::assertNotNull(self::form(['ring' => '95'])->form->readings['ring']->error);
        self::assertSame(65.0, self::form(['rhAfter' => '65 %'])->form->readings['rhAfter']->value);
    }
}
