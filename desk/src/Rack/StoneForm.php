<?php

declare(strict_types=1);

namespace JackRest\Desk\Rack;

use JackRest\Core\Abrasive\GritScale;
use JackRest\Core\Calculation\InvalidInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Rack\Medium;
use JackRest\Core\Rack\NewStone;
use JackRest\Desk\Measure\Figure;

/** A piece of the rack as it was typed: which size it is, and what that size is called elsewhere. */
final readonly class StoneForm
{
    /** @param  array<string, Figure>  $figures  designation, lasts */
    private function __construct(
        public string $name,
        public Medium $medium,
        public GritScale $scale,
        public array $figures,
        public ?float $particleUm,
    ) {
    }

    public static function of(string $name, Medium $medium, GritScale $scale, string $designation, string $lasts): self
    {
        $figure = self::designation($scale, $designation);
        $lastsFigure = Figure::count($lasts)->within(1, 9999, 'A piece hones one edge at least.');

        return new self(self::named($name, $medium, $scale, $figure), $medium, $scale, ['designation' => $figure, 'lasts' => $lastsFigure], $figure->value);
    }

    public function isSound(): bool
    {
        return $this->particleUm !== null && $this->figures['lasts']->error === null;
    }

    /** @throws InvalidInput naming what cannot be read */
    public function stone(?float $price): NewStone
    {
        foreach ($this->figures as $field => $figure) {
            if ($figure->error !== null) {
                throw InvalidInput::because($field, $figure->error);
            }
        }
        if ($this->particleUm === null) {
            throw InvalidInput::because('designation', 'Type what is printed on it, such as 1000.');
        }

        return new NewStone($this->name, $this->medium, $this->scale, trim($this->figures['designation']->typed), $price, $this->figures['lasts']->value === null ? null : (int) $this->figures['lasts']->value);
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

    private static function designation(GritScale $scale, string $typed): Figure
    {
        if (trim($typed) === '') {
            return Figure::count('');
        }
        try {
            return Figure::read($typed, $scale->particleUm($typed));
        } catch (InvalidInput $wrong) {
            return Figure::unread($typed, ucfirst($wrong->errors[0]->message).'.');
        }
    }

    private static function named(string $name, Medium $medium, GritScale $scale, Figure $designation): string
    {
        if (trim($name) !== '') {
            return mb_substr(trim($name), 0, 60);
        }

        return trim(($designation->value === null ? '' : $scale->label($designation->typed)).' '.($medium === Medium::Waterstone ? 'stone' : $medium->label()));
    }
}
