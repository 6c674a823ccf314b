<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** What is read off a saw, and what of it cannot be or is only doubtful. */
final readonly class SawReadings
{
    /** Two ways of measuring one thing that differ by more than this are asked about. */
    private const DOUBT_PITCH = 0.03;

    private const DOUBT_SET_MM = 0.03;

    private function __construct(public Form $form)
    {
    }

    /** @return list<FormField> */
    public static function fields(): array
    {
        $teeth = 'A hand saw has between 2 and 40 teeth to the inch.';

        return [
            new FormField('tpi', Quantity::TeethPerInch, 2, 40, 'Teeth per inch', complaint: $teeth),
            new FormField('rake', Quantity::Degrees, 0, 45, 'Rake', complaint: 'Rake lies between 0° and 45°.'),
            new FormField('fleam', Quantity::Degrees, 0, 45, 'Fleam', complaint: 'Fleam lies between 0° and 45°.'),
            new FormField('slope', Quantity::Degrees, 0, 30, 'Slope', complaint: 'Slope lies between 0° and 30°.'),
            new FormField('set', Quantity::Length, 0, 1, 'Set to one side'),
            new FormField('plate', Quantity::Length, 0.15, 2, 'A plate’s thickness'),
            new FormField('length', Quantity::Length, 50, 1500, 'The toothed edge'),
            new FormField('depth', Quantity::Length, 5, 300, 'The plate’s depth'),
            new FormField('tips', Quantity::Count, 0, 9999, 'Tips counted'),
            new FormField('over', Quantity::Length, 5, 1500, 'The counted length'),
            new FormField('across', Quantity::Length, 0.15, 4, 'Across the set teeth'),
        ];
    }

    /** @param  array<string, string>  $typed */
    public static function of(array $typed, LengthFormatter $format): self
    {
        $form = Form::of(self::fields(), $typed, $format);
        foreach ([self::countDoubted(...), self::setDoubted(...), self::impossible(...)] as $judged) {
            $form = $judged($form, $format);
        }

        return new self($form);
    }

    public function value(string $name): ?float
    {
        return $this->form->value($name);
    }

    /** Pitch by the counted tips, mm: both ends counted, so one pitch less than tips; null: not counted. */
    public static function countedPitch(?float $tips, ?float $overMm): ?float
    {
        return $tips === null || $overMm === null || $tips < 2 ? null : $overMm / ($tips - 1);
    }

    public function isSound(): bool
    {
        return $this->form->isSound();
    }

    private static function countDoubted(Form $form, LengthFormatter $format): Form
    {
        $tpi = $form->value('tpi');
        $counted = self::countedPitch($form->value('tips'), $form->value('over'));
        if ($tpi === null || $counted === null || abs(25.4 / $counted / $tpi - 1) <= self::DOUBT_PITCH) {
            return $form;
        }
        $byCount = LengthFormatter::decimal(25.4 / $counted, 1);
        $isPoints = abs(25.4 / $counted - ($tpi - 1)) < 0.25;

        return $form->doubted(
            'tpi',
            $isPoints
                ? "The count says $byCount teeth. Did you type points? They are one more."
                : "The count says $byCount teeth to the inch.",
            $byCount,
        );
    }

    private static function setDoubted(Form $form, LengthFormatter $format): Form
    {
        [$set, $plate, $across] = [$form->value('set'), $form->value('plate'), $form->value('across')];
        if ($across !== null && $plate !== null) {
            $measured = ($across - $plate) / 2;
            if ($measured < -0.01) {
                $form = $form->refused('across', 'Narrower than the plate: measure across the tips of several teeth.');
            } elseif ($set !== null && abs($measured - $set) > self::DOUBT_SET_MM) {
                $measured = max(0.0, $measured);
                $form = $form->doubted(
                    'set',
                    "Across the teeth it comes to {$format->small($measured)}.",
                    $format->typed(round($measured, 2)),
                );
            }
        }
        if (($form->value('fleam') ?? 0) >= 5 && $set === 0.0) {
            $least = $format->small(0.05);
            $form = $form->doubted(
                'fleam',
                "Fleamed teeth without set bind in the kerf: give them $least a side at least.",
            );
        }

        return $form;
    }

    private static function impossible(Form $form, LengthFormatter $format): Form
    {
        [$tpi, $plate, $depth, $set] = array_map($form->value(...), ['tpi', 'plate', 'depth', 'set']);
        if ($tpi !== null && $plate !== null && 25.4 / $tpi < $plate) {
            $form = $form->refused(
                'tpi',
                "A plate {$format->small($plate)} thick cannot carry so fine a pitch (".
                    $format->small(25.4 / $tpi).
                    '): the teeth would be wider than long.',
            );
        } elseif ($tpi !== null && $depth !== null && (0.577 * 25.4) / $tpi > $depth / 3) {
            $form = $form->refused(
                'tpi',
                "Teeth so coarse would take more than a third of a plate {$format->dimension($depth)} deep.",
            );
        }

        return $set !== null && $plate !== null && $set > $plate / 2
            ? $form->refused('set', 'A set of more than half the plate’s thickness breaks teeth.')
            : $form;
    }
}
