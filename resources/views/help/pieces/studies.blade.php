<p>Where the next board would save most for its price, the cheapest designs that hold, the narrowest wing that keeps frost out. A study
    changes nothing: what it finds opens as a new option.</p>
