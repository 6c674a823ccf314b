<?php

declare(strict_types=1);

namespace JackRest\Desk\Timber;

use JackRest\Core\Basis;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Timber\WoodMovement;
use JackRest\Core\Timber\WoodMovementInput;
use JackRest\Core\Timber\WoodMovementResult;
use JackRest\Core\Timber\WoodState;
use JackRest\Desk\Advice;
use JackRest\Desk\Explanation;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** A piece of wood between two airs, as far as it was described. */
final readonly class WoodMovementForm
{
    /** A square is warned of from this on, mm over its own length; from memory. */
    private const SHOWS_MM = 0.1;

    private function __construct(
        public Form $form,
        public string $species,
        public ?WoodMovementResult $movement,
        private LengthFormatter $format,
    ) {
    }

    /** @param  array<string, string>  $typed */
    public static function of(string $species, array $typed, LengthFormatter $format): self
    {
        $form = Form::of(self::fields(), $typed, $format);
        [$before, $after] = array_map(
            static fn (string $when): ?WoodState => self::state(
                ...array_map($form->value(...), ["mc$when", "temp$when", "rh$when"]),
            ),
            ['Before', 'After'],
        );
        [$ring, $width, $length, $runout] = array_map($form->value(...), ['ring', 'width', 'length', 'runout']);
        try {
            $movement =
                $width === null || $before === null || $after === null
                    ? null
                    : (new WoodMovement())(
                        new WoodMovementInput(
                            $ring ?? 0.0,
                            $width,
                            $before,
                            $after,
                            $species,
                            grainRunoutDeg: $runout ?? 0.0,
                            lengthMm: $length,
                        ),
                    );
        } catch (InvalidInput) {
            $movement = null;
        }

        return new self($form, $species, $movement, $format);
    }

    /** @return list<FormField> */
    public static function fields(): array
    {
        $fields = [
            WoodFields::ring(),
            new FormField('width', Quantity::Length, 1, 10000, 'Width'),
            new FormField('length', Quantity::Length, 1, 10000, 'Length'),
            WoodFields::runout(),
        ];
        foreach (['Before', 'After'] as $when) {
            $fields[] = AirFields::temperature("temp$when");
            $fields[] = AirFields::humidity("rh$when");
            $fields[] = AirFields::moisture("mc$when");
        }

        return $fields;
    }

    public function next(): Advice
    {
        $movement = $this->movement;
        if ($movement === null) {
            return new Advice(
                'Say how wide the piece is, and both airs.',
                'By temperature and humidity, or by a moisture meter.',
            );
        }
        $change = abs($movement->changeMm);
        $way = $movement->changeMm < 0 ? 'shrinks' : 'grows';
        $edge = abs($movement->edgeErrorMm ?? 0.0);

        return new Advice(
            $change < 0.005 ? 'It stays as it is.' : "It $way {$this->format->small($change)} in its width.",
            match (true) {
                $edge >= self::SHOWS_MM => 'Its edge turns by '.
                    $this->format->small($edge).
                    ' over its length: test it again before you trust it.',
                $movement->edgeErrorMm !== null => 'Its edge turns by '.
                    $this->format->small($edge).
                    ' over its length: less than the work will show.',
                default => 'With its length and the grain’s run-out you see how far an edge turns.',
            },
        );
    }

    /** @return list<string> */
    public function lines(): array
    {
        $movement = $this->movement;
        if ($movement === null) {
            return [];
        }
        $pct = static fn (float $value): string => LengthFormatter::decimal($value, 1).' %';

        return [
            "The wood goes from {$pct($movement->fromMcPct)} to {$pct($movement->toMcPct)} of moisture, in time.",
            'A square cut in it changes by '.LengthFormatter::decimal(abs($movement->squareChangeDeg), 3).'°.',
            ...$movement->warnings,
        ];
    }

    /** @return list<Explanation> */
    public function how(): array
    {
        $movement = $this->movement;

        return $movement === null
            ? []
            : [
                new Explanation(
                    'How much does it move?',
                    'width · coefficient · change of moisture',
                    $this->format->dimension((float) $this->form->value('width')).
                        ' · '.
                        LengthFormatter::decimal($movement->coefficientPerPct, 5).
                        ' · '.
                        LengthFormatter::decimal($movement->toMcPct - $movement->fromMcPct, 1).
                        ' = '.
                        $this->format->small($movement->changeMm),
                    Basis::Published,
                    'Wood Handbook, USDA Forest Products Laboratory; shrinkages quoted from memory',
                ),
            ];
    }

    private static function state(?float $mc, ?float $temp, ?float $rh): ?WoodState
    {
        return match (true) {
            $mc !== null => new WoodState($mc),
            $temp !== null && $rh !== null => new WoodState(null, $temp, $rh),
            default => null,
        };
    }
}
