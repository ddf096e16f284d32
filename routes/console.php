<?php

declare(strict_types=1);


// Nothing is scheduled yet.
unset($schedule);
