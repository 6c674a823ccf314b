<?php

declare(strict_types=1);

namespace JackRest\Desk\Season;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Season\ReferenceWood;
use JackRest\Core\Timber\Species;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Timber\WoodFields;

/** The wood of a reference as far as it has been typed. */
final readonly class ReferenceWoodForm
{
    /** Rings that nobody looked at are taken to stand upright, as a reference is made. Common practice, no source. */
    private const USUAL_RING_DEG = 90.0;

    private function __construct(public Form $form, public ?ReferenceWood $wood)
    {
    }

    /** @param  array<string, string>  $typed */
    public static function of(Species $species, array $typed, LengthFormatter $format): self
    {
        $form = Form::of(self::fields(), $typed, $format);
        $thickness = $form->value('thickness');
        if (! $form->isSound() || $thickness === null) {
            return new self($form, null);
        }
        $ring = $form->value('ring') ?? self::USUAL_RING_DEG;

        return new self(
            $form,
            new ReferenceWood($species, $ring, $form->value('runout') ?? ReferenceWood::USUAL_RUNOUT_DEG, $thickness),
        );
    }

    /** @return list<FormField> */
    public static function fields(): array
    {
        return [
            WoodFields::ring(),
            WoodFields::runout(),
            new FormField('thickness', Quantity::Length, 1, 200, 'Thickness'),
        ];
    }
}
