<p>Releasing an option says: this gets built. From then on it is changed only with a reason, and everybody sees which revision the crew
    builds by.</p>
