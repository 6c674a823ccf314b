<?php

declare(strict_types=1);

namespace JackRest\Desk\Filing;

use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Filing\SawTeethInput;
use JackRest\Core\Filing\SawTemplate;
use JackRest\Core\Filing\SawTemplateInput;
use JackRest\Core\Filing\SawTemplateResult;
use JackRest\Core\Measure\DimensionUnit;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Measure\Figure;

/** A template as far as it has been described: `tpi`, `length`, and at the toe `toe` (teeth per inch), `toeLength`, `graded`, `toeRake`. */
final readonly class SawTemplateForm
{
    private const FIELDS = ['lengthMm' => 'length', 'toePitchMm' => 'toe', 'toeLengthMm' => 'toeLength', 'pitchMm' => 'tpi'];

    /** @param  array<string, Figure>  $figures */
    private function __construct(public array $figures, public ?SawTemplateResult $template)
    {
    }

    /** @param  array<string, string>  $typed */
    public static function of(array $typed, LengthFormatter $format): self
    {
        $read = static fn (string $name, DimensionUnit $unit): Figure => Figure::of($typed[$name] ?? '', $unit, $format);
        $teeth = 'A hand saw has between 2 and 40 teeth to the inch.';
        $figures = [
            'tpi' => $read('tpi', DimensionUnit::TeethPerInch)->within(2, 40, $teeth),
            'length' => $read('length', DimensionUnit::Length)->within(20, 1500, 'A template is between '.$format->dimension(20).' and '.$format->dimension(1500).' long: print it in parts.'),
            'toe' => $read('toe', DimensionUnit::TeethPerInch)->within(2, 40, $teeth),
            'toeLength' => $read('toeLength', DimensionUnit::Length),
            'toeRake' => $read('toeRake', DimensionUnit::Degrees)->within(0, 45, 'Rake lies between 0° and 45°.'),
        ];
        if ($figures['toeRake']->value !== null && $figures['toeLength']->value === null) {
            $figures['toeLength'] = $figures['toeLength']->refused('Say how far from the toe the teeth are relaxed.');

            return new self($figures, null);
        }
        [$tpi, $length, $toe, $toeLength, $toeRake] = array_map(static fn (Figure $figure): ?float => $figure->error === null ? $figure->value : null, array_values($figures));
        if ($tpi === null || $length === null) {
            return new self($figures, null);
        }
        try {
            return new self($figures, (new SawTemplate)(new SawTemplateInput($length, null, $tpi, $toe === null ? ($toeRake === null ? null : SawTeethInput::MM_PER_INCH / $tpi) : SawTeethInput::MM_PER_INCH / $toe, $toeLength, in_array(strtolower(trim($typed['graded'] ?? '')), ['yes', '1'], true))));
        } catch (InvalidInput $wrong) {
            $field = self::FIELDS[$wrong->errors[0]->field] ?? 'tpi';

            return new self([...$figures, $field => $figures[$field]->refused(ucfirst($wrong->errors[0]->message).'.')], null);
        }
    }

    /**
     * Teeth with more rake at the toe, so that a cut starts easily: over what length, and how much.
     *
     * @return array{float, float}|null mm and degrees
     */
    public function relaxed(): ?array
    {
        [$length, $rake] = [$this->figures['toeLength']->value, $this->figures['toeRake']->value];

        return $length === null || $rake === null ? null : [$length, $rake];
    }

    /** What will be printed; null: nothing can be. */
    public function says(LengthFormatter $format): ?string
    {
        if ($this->template === null) {
            return null;
        }
        $sheets = count(SawTemplatePrint::tiles('', $this->template, $this->relaxed(), $format));

        return "{$this->template->teeth} tips, ".$format->small($this->template->finestMm).($this->template->coarsestMm - $this->template->finestMm > 1e-6 ? ' to '.$format->small($this->template->coarsestMm) : '').' apart, on '.($sheets === 1 ? 'one sheet.' : "$sheets sheets to be joined.");
    }
}
