<?php

declare(strict_types=1);

namespace JackRest\Desk\Kit;

use JackRest\Core\Kit\ToolNamer;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Tool\Dimension;
use JackRest\Core\Tool\ToolKind;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** A tool as far as it has been described: its readings, its sizes, its name, and what cannot be. */
final readonly class ToolForm
{
    /**
     * @param  Form  $form  by dimension
     * @param  array<string, float>  $sizes  read where they were typed, else fitting what was
     * @param  array<string, float>  $given  only those that were typed
     */
    private function __construct(
        public ToolKind $kind,
        public Form $form,
        public array $sizes,
        public array $given,
        public string $name,
    ) {
    }

    /** @param  array<string, string>  $typed  by dimension; what is left empty is usual for the kind */
    public static function of(ToolKind $kind, array $typed, string $name, LengthFormatter $format): self
    {
        $form = Form::of(self::fields($kind, $format), $typed, $format);
        $given = $form->given();
        $sizes = self::fitting($kind, $given);
        foreach (self::conflicts($sizes, $given, $format) as $dimension => $complaint) {
            $form = $form->refused($dimension, $complaint);
        }

        return new self(
            $kind,
            $form,
            $sizes,
            $given,
            trim($name) === '' ? (new ToolNamer($format))->name($kind, $sizes) : trim($name),
        );
    }

    /** @return list<FormField> */
    public static function fields(ToolKind $kind, LengthFormatter $format): array
    {
        return array_map(static function (Dimension $dimension) use ($kind, $format): FormField {
            $quantity = Quantity::of($dimension->unit);
            [$least, $most] = [
                $quantity->amount($dimension->least, $format),
                $quantity->amount($dimension->most, $format),
            ];
            $complaint = ucfirst("$dimension->label of a {$kind->name}: $least to $most.");

            return new FormField(
                $dimension->name,
                $quantity,
                $dimension->least,
                $dimension->most,
                $dimension->label,
                '',
                $complaint,
                $dimension->usual,
            );
        }, $kind->dimensions);
    }

    public function isSound(): bool
    {
        return $this->form->isSound();
    }

    /**
     * Usual sizes, moved where what was read would not fit them: a wide iron comes in a wide body.
     *
     * @param  array<string, float>  $given
     * @return array<string, float>
     */
    private static function fitting(ToolKind $kind, array $given): array
    {
        $usual = $kind->usualSizes();
        if (isset($given['iron'], $usual['iron'], $usual['width']) && ! isset($given['width'])) {
            $usual['width'] = max(5.0, $given['iron'] + $usual['width'] - $usual['iron']);
        }
        foreach ([['smallest', 'largest'], ['iron', 'widest']] as [$low, $high]) {
            if (isset($given[$low], $usual[$high]) && ! isset($given[$high])) {
                $usual[$high] = max($usual[$high], $given[$low]);
            }
            if (isset($given[$high], $usual[$low]) && ! isset($given[$low])) {
                $usual[$low] = min($usual[$low], $given[$high]);
            }
        }
        if (isset($given['plate'], $usual['set']) && ! isset($given['set'])) {
            $usual['set'] = min($usual['set'], 0.25 * $given['plate']);
        }

        return [...$usual, ...$given];
    }

    /**
     * @param  array<string, float>  $sizes
     * @param  array<string, float>  $given
     * @return array<string, string> complaint by dimension
     */
    private static function conflicts(array $sizes, array $given, LengthFormatter $format): array
    {
        $length = static fn (string $name): string => $format->dimension($sizes[$name]);
        $rules = [
            [
                'iron',
                'width',
                'The iron ('.
                (isset($sizes['iron']) ? $length('iron') : '').
                ') cannot be wider than the body ('.
                (isset($sizes['width']) ? $length('width') : '').
                ').',
                ($sizes['iron'] ?? 0) > ($sizes['width'] ?? INF),
            ],
            [
                'depth',
                'length',
                'A saw is longer than its plate is deep.',
                isset($sizes['tpi']) && ($sizes['depth'] ?? 0) > ($sizes['length'] ?? INF),
            ],
            [
                'smallest',
                'largest',
                'The smallest cannot be larger than the largest.',
                ($sizes['smallest'] ?? 0) > ($sizes['largest'] ?? INF),
            ],
            [
                'iron',
                'widest',
                'The narrowest iron cannot be wider than the widest.',
                ($sizes['iron'] ?? 0) > ($sizes['widest'] ?? INF),
            ],
            [
                'set',
                'plate',
                'A set of more than half the plate’s thickness breaks teeth.',
                isset($sizes['set'], $sizes['plate']) && $sizes['set'] > $sizes['plate'] / 2 + 1e-9,
            ],
        ];
        $conflicts = [];
        foreach ($rules as [$one, $other, $complaint, $broken]) {
            if ($broken) {
                $conflicts[isset($given[$one]) ? $one : $other] = $complaint;
            }
        }

        return $conflicts;
    }
}
