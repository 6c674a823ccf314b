<?php

declare(strict_types=1);

namespace JackRest\Desk\Rack;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Abrasive\Medium;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Rack\NewStone;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\Reading;
use JackRest\Desk\Form\TypedCount;

/** A piece of the rack as it was typed: which size it is, and what that size is called elsewhere. */
final readonly class StoneForm
{
    /** No wheel that a blade meets is coarser than F36 (FEPA 42-1: 525 µm); common practice. */
    private const COARSEST_UM = 530.0;

    /**
     * @param  PrintedScale  $printed  how its size is told
     * @param  GritScale  $scale  the scale it is kept with, and its designation there
     * @param  Form  $form  designation, lasts
     */
    private function __construct(
        public string $name,
        public Medium $medium,
        public PrintedScale $printed,
        public GritScale $scale,
        public string $designation,
        public Form $form,
        public ?float $particleUm,
    ) {
    }

    public static function of(
        string $name,
        Medium $medium,
        PrintedScale $printed,
        string $typed,
        string $lasts,
    ): self {
        [$figure, $scale, $designation] = self::size($printed, $typed);

        return new self(
            self::named($name, $medium, $printed, $figure),
            $medium,
            $printed,
            $scale,
            $designation,
            Form::ofReadings(['designation' => $figure, 'lasts' => self::lasts($lasts)]),
            $figure->value,
        );
    }

    public function isSound(): bool
    {
        return $this->particleUm !== null && $this->form->isSound();
    }

    /** @throws InvalidInput naming what cannot be read */
    public function stone(?float $price): NewStone
    {
        $this->form->soundOrRefuse();
        if ($this->particleUm === null) {
            throw InvalidInput::because('designation', 'Type what is printed on it, such as 1000.');
        }

        $lasts = $this->form->value('lasts');

        return new NewStone(
            $this->name,
            $this->medium,
            $this->scale,
            $this->designation,
            $price,
            $lasts === null ? null : (int) $lasts,
        );
    }

    /** @return string|null the same size on the other scales; null: none is read yet */
    public function elsewhere(): ?string
    {
        if ($this->particleUm === null) {
            return null;
        }
        $near = [];
        foreach ([GritScale::FepaP, GritScale::FepaF, GritScale::Jis] as $scale) {
            if ($scale !== $this->scale) {
                $near[] = $scale->label($scale->nearest($this->particleUm));
            }
        }

        return LengthFormatter::decimal($this->particleUm, 2).' µm, near '.implode(', ', $near).'.';
    }

    private static function lasts(string $typed): Reading
    {
        return trim($typed) === ''
            ? Reading::none($typed)
            : TypedCount::whole($typed)->within(1, 9999, 'A piece hones one edge at least.');
    }

    /** @return array{Reading, GritScale, string} what was typed, and the scale and designation it is kept with */
    private static function size(PrintedScale $printed, string $typed): array
    {
        if (trim($typed) === '') {
            return [Reading::none(), GritScale::Micron, ''];
        }
        try {
            [$scale, $designation] = $printed->kept($typed);
            $um = $scale->particleUm($designation);
        } catch (InvalidInput $wrong) {
            return [
                Reading::unreadable($typed, ucfirst($wrong->errors[0]->message).'.'),
                GritScale::Micron,
                '',
            ];
        }
        $figure = Reading::understood($typed, $um, LengthFormatter::decimal($um, 2).' µm');

        return [self::doubted($figure, $printed, $um), $scale, $designation];
    }

    /** A grit number that was taken for micrometres is most of a millimetre. */
    private static function doubted(Reading $figure, PrintedScale $printed, float $um): Reading
    {
        return $printed === PrintedScale::Micron && $um > self::COARSEST_UM
            ? $figure->doubted(
                LengthFormatter::decimal($um / 1000, 2).' mm: no stone is so coarse. If '.trim($figure->typed).
                    ' is a grit number, choose its scale.',
            )
            : $figure;
    }

    private static function named(
        string $name,
        Medium $medium,
        PrintedScale $printed,
        Reading $figure,
    ): string {
        if (trim($name) !== '') {
            return mb_substr(trim($name), 0, 60);
        }

        return trim(
            ($figure->value === null ? '' : $printed->called($figure->typed)).
                ' '.
                ($medium === Medium::Waterstone ? 'stone' : $medium->label()),
        );
    }
}
