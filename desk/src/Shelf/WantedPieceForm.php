<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\Purpose;
use JackRest\Core\Shelf\WantedPiece;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** The piece that a blank is looked for: what is left empty is usual for its purpose. */
final readonly class WantedPieceForm
{
    public Form $form;

    public WantedPiece $wanted;

    /** @param  array<string, string>  $typed */
    public function __construct(public Purpose $purpose, array $typed, LengthFormatter $format)
    {
        $this->form = Form::of(self::fields(), $typed, $format);
        $usual = $purpose->usual();
        $this->wanted = new WantedPiece(
            $this->form->value('length') ?? $usual->lengthMm,
            $this->form->value('width') ?? $usual->widthMm,
            $this->form->value('thickness') ?? $usual->thicknessMm,
        );
    }

    /** @return list<FormField> */
    public static function fields(): array
    {
        return [
            new FormField('length', Quantity::Length, 20, 5000, 'Length'),
            new FormField('width', Quantity::Length, 5, 600, 'Width'),
            new FormField('thickness', Quantity::Length, 2, 200, 'Thickness'),
        ];
    }
}
