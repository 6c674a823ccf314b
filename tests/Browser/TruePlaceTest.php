<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Instruments\Kind;
use Instruments\StandIn;
use Instruments\Truth;

/** References under test, as somebody at the bench reads them off. */
final class TruePlaceTest extends BrowserTestCase
{
    public function test_a_straightedge_is_tested_planed_and_wants_testing_again(): void
    {
        $this->open('/true');
        $this->sees("//a[contains(., '900 mm straightedge')]")->click();
        foreach (['2' => '0.2', '3' => '0.4', '4' => '0.2'] as $place => $gap) {
            $this->type("Gap at place $place", $gap);
        }
        $this->seesText('Take 2 short shavings at 450 mm, then 3 shavings from 225 mm to 675 mm. Then test again.');
        self::assertStringContainsString('0.20 mm', $this->sees("//*[@data-testid='answer']")->getText());
        $this->sees("//*[@data-testid='edge']");
        $this->press('Planed it: test again');
        $this->seesText('It was planed and not tested again.');
        $this->seesText('5 strokes taken');
        $this->open('/');
        $this->seesText('Test the 900 mm straightedge.');
    }

    public function test_a_half_entered_test_outlives_the_page_and_a_wrong_figure_wipes_no_drawing(): void
    {
        $page = '/true/straights/'.$this->straight();
        $this->open($page);
        foreach (['2' => '0.2', '3' => '0.4', '4' => '0.2'] as $place => $gap) {
            $this->type("Gap at place $place", $gap);
        }
        $this->seesText('Take 2 short shavings');
        $this->type('Gap at place 3', 'wide');
        $this->seesText('Mend the figure marked in red');
        $this->sees("//*[@data-testid='edge']");
        $this->open('/');
        $this->open($page);
        self::assertSame('wide', $this->field('Gap at place 3')->getAttribute('value'));
        self::assertSame('0.2', $this->field('Gap at place 2')->getAttribute('value'));
    }

    public function test_three_edges_are_asked_for_pair_by_pair(): void
    {
        $this->open('/true/three-edges');
        self::assertStringStartsWith('Close the first and the second edge', $this->nextStroke());
        $asked = ['1st on 2nd' => 'Now the second and the third', '2nd on 3rd' => 'Now the third and the first', '3rd on 1st' => 'Plane the second edge'];
        $gaps = ['1st on 2nd' => ['0.1', '0.2', '0.2', '0.2', '0.1'], '2nd on 3rd' => ['0.1', '0.25', '0.3', '0.25', '0.1'], '3rd on 1st' => ['0.1', '0.05', '0', '0.05', '0.1']];
        foreach ($asked as $pair => $next) {
            foreach ($gaps[$pair] as $index => $gap) {
                $this->type("$pair, place ".($index + 1), $gap);
            }
            $this->seesText($next);
        }
    }

    public function test_a_board_under_winding_sticks(): void
    {
        $this->open('/true/winding');
        $this->seesText('With the winding sticks, 450 mm');
        $this->type('Right end higher by, place 1', '3');
        $this->seesText('Take 5 shavings off the near left and the far right');
        $this->type('far stick turned', '1');
        $this->seesText('The far stick’s own error');
    }

    /** Somebody's own first square can be tested the minute it hangs. */
    public function test_a_square_that_was_hung_up_can_be_tested(): void
    {
        $this->open('/kit/add?kind=try-square');
        $this->press('Hang it up');
        $this->seesText('The next one?');
        $this->open('/true');
        $this->seesText('4 references');
        $this->seesText('It has never been tested.');
    }

    /** A digital caliper that types like a keyboard: its Enter goes to the next reading and records nothing. */
    public function test_a_caliper_that_types_fills_the_gaps(): void
    {
        $this->open('/true/straights/'.$this->straight());
        $caliper = new StandIn(Kind::Caliper, Truth::ofDemo('900 mm straightedge'), 11);
        $this->field('Gap at place 2')->click();
        foreach ([225.0, 450.0, 675.0] as $index => $place) {
            $this->keys($caliper->keys($place), WebDriverKeys::ENTER);
            // Enter goes over the place beside the gap as well.
            if ($index < 2) {
                $this->keys(WebDriverKeys::ENTER);
            }
        }
        $this->seesText('Record this test');
        foreach (['2', '3', '4'] as $place) {
            self::assertMatchesRegularExpression('/^0\.\d\d$/', (string) $this->field("Gap at place $place")->getAttribute('value'));
        }
        self::assertCount(3, json_decode((string) file_get_contents(self::server()->url('/api/straights/'.$this->straight())), true)['tests']);
    }

    private function straight(): int
    {
        return json_decode((string) file_get_contents(self::server()->url('/api/straights')), true)['straights'][0]['id'];
    }
}
