<?php

declare(strict_types=1);

namespace Tests\House;

use PHPat\Selector\Selector;
use PHPat\Test\Attributes\TestRule;
use PHPat\Test\Builder\BuildStep;
use PHPat\Test\PHPat;

/** Who may know whom, told to the static analysis: core below, desk above it, the application on top. */
final class Walls
{
    #[TestRule]
    public function core_knows_the_trade_alone(): BuildStep
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('JackRest\Core'))
            ->shouldNot()
            ->dependOn()
            ->classes(
                Selector::inNamespace('JackRest\Desk'),
                Selector::inNamespace('App'),
                Selector::inNamespace('Illuminate'),
            )
            ->because('rules and numbers are tested alone and outlive every screen');
    }

    #[TestRule]
    public function desk_knows_no_framework(): BuildStep
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('JackRest\Desk'))
            ->shouldNot()
            ->dependOn()
            ->classes(Selector::inNamespace('App'), Selector::inNamespace('Illuminate'))
            ->because('forms and words are plain PHP');
    }
}
