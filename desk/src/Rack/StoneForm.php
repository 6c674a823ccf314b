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
    /** @param  Form  $form  designation, lasts */
    private function __construct(
        public string $name,
        public Medium $medium,
        public GritScale $scale,
        public Form $form,
        public ?float $particleUm,
    ) {
    }

    public static function of(string $name, Medium $medium, GritScale $scale, string $designation, string $lasts): self
    {
        $figure = self::designation($scale, $designation);

        return new self(
            self::named($name, $medium, $scale, $figure),
            $medium,
            $scale,
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
            trim($this->form->readings['designation']->typed),
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

    private static function designation(GritScale $scale, string $typed): Reading
    {
        if (trim($typed) === '') {
            return Reading::none();
        }
        try {
            return Reading::understood($typed, $scale->particleUm($typed));
        } catch (InvalidInput $wrong) {
            return Reading::unreadable($typed, ucfirst($wrong->errors[0]->message).'.');
        }
    }

    private static function named(string $name, Medium $medium, GritScale $scale, Reading $designation): string
    {
        if (trim($name) !== '') {
            return mb_substr(trim($name), 0, 60);
        }

        return trim(
            ($designation->value === null ? '' : $scale->label($designation->typed)).
                ' '.
                ($medium === Medium::Waterstone ? 'stone' : $medium->label()),
        );
    }
}
