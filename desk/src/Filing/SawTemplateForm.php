<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Filing\SawTeethInput;
use JackRest\Core\Filing\SawTemplate;
use JackRest\Core\Filing\SawTemplateInput;
use JackRest\Core\Filing\SawTemplateResult;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/**
 * A template as far as it has been described: `tpi`, `length`, and at the toe `toe` (teeth per inch), `toeLength`,
 * `graded`, `toeRake`.
 */
final readonly class SawTemplateForm
{
    private const FIELDS = [
        'lengthMm' => 'length',
        'toePitchMm' => 'toe',
        'toeLengthMm' => 'toeLength',
        'pitchMm' => 'tpi',
    ];

    private function __construct(public Form $form, public ?SawTemplateResult $template)
    {
    }

    /** @param  array<string, string>  $typed */
    public static function of(array $typed, LengthFormatter $format): self
    {
        $form = Form::of(self::fields($format), $typed, $format);
        if ($form->value('toeRake') !== null && $form->value('toeLength') === null) {
            return new self(
                $form->refused('toeLength', 'Say how far from the toe the teeth are relaxed.'),
                null,
            );
        }
        [$tpi, $length, $toe, $toeLength, $toeRake] = array_map($form->value(...), [
            'tpi',
            'length',
            'toe',
            'toeLength',
            'toeRake',
        ]);
        if ($tpi === null || $length === null) {
            return new self($form, null);
        }
        try {
            return new self(
                $form,
                (new SawTemplate())(
                    new SawTemplateInput(
                        $length,
                        null,
                        $tpi,
                        $toe === null
                            ? ($toeRake === null
                                ? null
                                : SawTeethInput::MM_PER_INCH / $tpi)
                            : SawTeethInput::MM_PER_INCH / $toe,
                        $toeLength,
                        in_array(strtolower(trim($typed['graded'] ?? '')), ['yes', '1'], true),
                    ),
                ),
            );
        } catch (InvalidInput $wrong) {
            $field = self::FIELDS[$wrong->errors[0]->field] ?? 'tpi';

            return new self($form->refused($field, ucfirst($wrong->errors[0]->message).'.'), null);
        }
    }

    /** @return list<FormField> */
    public static function fields(LengthFormatter $format): array
    {
        $teeth = 'A hand saw has between 2 and 40 teeth to the inch.';
        $long = "A template is between {$format->dimension(20)} and {$format->dimension(1500)} long: "
            .'print it in parts.';

        return [
            new FormField('tpi', Quantity::TeethPerInch, 2, 40, 'Teeth per inch', complaint: $teeth),
            new FormField('length', Quantity::Length, 20, 1500, 'Length', complaint: $long),
            new FormField('toe', Quantity::TeethPerInch, 2, 40, 'At the toe', complaint: $teeth),
            new FormField('toeLength', Quantity::Length, -INF, INF, 'Over'),
            new FormField(
                'toeRake',
                Quantity::Degrees,
                0,
                45,
                'Rake at the toe',
                complaint: 'Rake lies between 0° and 45°.',
            ),
        ];
    }

    /**
     * Teeth with more rake at the toe, so that a cut starts easily: over what length, and how much.
     *
     * @return array{float, float}|null mm and degrees
     */
    public function relaxed(): ?array
    {
        [$length, $rake] = [$this->form->value('toeLength'), $this->form->value('toeRake')];

        return $length === null || $rake === null ? null : [$length, $rake];
    }

    /** What will be printed; null: nothing can be. */
    public function says(LengthFormatter $format): ?string
    {
        if ($this->template === null) {
            return null;
        }
        $sheets = count(SawTemplatePrint::tiles('', $this->template, $this->relaxed(), $format));

        return "{$this->template->teeth} tips, ".
            $format->small($this->template->finestMm).
            ($this->template->coarsestMm - $this->template->finestMm > 1e-6
                ? ' to '.$format->small($this->template->coarsestMm)
                : '').
            ' apart, on '.
            ($sheets === 1 ? 'one sheet.' : "$sheets sheets to be joined.");
    }
}
